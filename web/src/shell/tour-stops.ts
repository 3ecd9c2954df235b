interface TourStop {
  /** The plan of the demo that it is shown with; none: a page of the workshop. */
  plan?: string;
  to: string;
  title: string;
  words: string;
}

/** Where the tour through the demo stops. */
export const STOPS: readonly TourStop[] = [
  {
    to: '/',
    title: 'Orders',
    words: 'Five cakes in work, by the day they are needed, each with what to begin next and by when.',
  },
  {
    plan: 'Observatory gala',
    to: 'measure',
    title: 'Measure',
    words: 'Four tiers to scale. Type a reading round the foot: all else follows from it at once.',
  },
  {
    plan: 'Observatory gala',
    to: 'divide',
    title: 'Divide',
    words:
      'The side unrolled, front in the middle. The ladder shows which counts close; [ and ] step through them.',
  },
  {
    plan: 'Observatory gala',
    to: 'dress',
    title: 'Dress',
    words:
      'Courses from foot to top. Pull a handle on the band and the cake beside it follows; drag the cake to turn it.',
  },
  {
    plan: 'Orchestra season opener',
    to: 'ahead',
    title: 'Ahead',
    words: 'A large bow, made days before: its parts, its former, its drying, and where it stands.',
  },
  {
    plan: 'Chess league final',
    to: 'make',
    title: 'Make',
    words: 'What to knead and cut, each mass the sum of its parts, against what the cupboard has.',
  },
  {
    plan: "Beekeepers' guild supper",
    to: 'days',
    title: 'Days',
    words: 'Planned back from the moment it is needed, in damp weather that dries slowly.',
  },
  {
    plan: 'Observatory gala',
    to: 'build',
    title: 'Build',
    words: 'Weights, dowels and the seat of each tier on the one below.',
  },
  {
    plan: 'Canal museum reopening',
    to: 'handover',
    title: 'Handover',
    words: 'What goes with the cake: what comes out, allergens, cutting order. It can be shared by a link.',
  },
  {
    to: '/notebook',
    title: 'Notebook',
    words: 'What jobs really took, and the rates learned from them, with how sure they are.',
  },
];
