import type { StageKey } from './stages';

export type HelpKey = StageKey | 'notebook' | 'cupboard' | 'versions' | 'sharing' | 'people' | 'archive';

/** A view in three sentences: what it is for, what to do first, what follows. */
export const HELP: readonly { key: HelpKey; title: string; sentences: readonly [string, string, string] }[] =
  [
    {
      key: 'measure',
      title: 'How Measure works',
      sentences: [
        'Here the cake gets its true sizes: each tier as planned, and as the tape reads it once it is covered.',
        'Type what the tape says round the foot and the top; a reading always wins over the planned size.',
        'Everything else is reckoned from it at once, and what changed is shown beside what it was before.',
      ],
    },
    {
      key: 'divide',
      title: 'How Divide works',
      sentences: [
        'Here the side is divided into equal sections, with the marks where the tape will read them.',
        'Choose a count on the ladder: those that close with even sections stand out, and [ and ] step through them.',
        'Under Ways to mark, each way is rehearsed for this tier, and It came out at rescues a tier that is half marked.',
      ],
    },
    {
      key: 'dress',
      title: 'How Dress works',
      sentences: [
        'Here the tier puts its decorations on, foot to top, as courses that are listed beside the band.',
        'Add a course from the tray, then pull its handles or type its numbers; the whole cake turns beside it.',
        'Counts, spacing, paste and minutes follow in the ledger, and what would not fit is told with a mend.',
      ],
    },
    {
      key: 'ahead',
      title: 'How Ahead works',
      sentences: [
        'Here are the pieces that are made days before: bows, toppers, flowers, models.',
        'Take one from the tray, put it on its place from above or from the front, and say how many.',
        'Its parts, formers, drying and spares follow, and the days begin early enough for it.',
      ],
    },
    {
      key: 'make',
      title: 'How Make works',
      sentences: [
        'Here is what has to be kneaded, rolled and cut, in the order in which it is used.',
        'Each mass is the sum of its parts, with spares and off-cuts, and the cupboard says what there is of it.',
        'Press a batch when it is made: its paste leaves the cupboard, and what is short stands on the shopping list.',
      ],
    },
    {
      key: 'days',
      title: 'How Days works',
      sentences: [
        'Here the work lies on the days, planned back from the moment when the cake is needed.',
        'Give that moment first; hands, open hours, drying and the fridge then say how late each task may begin.',
        'What is late or does not fit is told with what would save it, and a task can be fixed to a moment of your own.',
      ],
    },
    {
      key: 'build',
      title: 'How Build works',
      sentences: [
        'Here the cake stands: what each tier weighs, what carries it, and where the dowels go down.',
        'Say what the boards and dowels are; the plan from above shows where they stand under the tier that rests on them.',
        'What would sink, lean or meet a pick is told before anything is cut.',
      ],
    },
    {
      key: 'turntable',
      title: 'How the turntable works',
      sentences: [
        'This is for the bench: one step at a time, with the next mark on the tape, timers and what to check.',
        'Space or the large press goes on and ← takes back; everything you press is kept, with or without a connection.',
        'Another device can stand beside this one: both see the same, and what each has done adds up.',
      ],
    },
    {
      key: 'print',
      title: 'How Print works',
      sentences: [
        'Templates are printed at true size, on as many sheets as they need, with marks to put them together by.',
        'Measure the line of 100 mm on a printed sheet and say what it reads; the next print is true.',
        'The booklet holds the whole order on paper, for a kitchen without screens.',
      ],
    },
    {
      key: 'notebook',
      title: 'How the notebook works',
      sentences: [
        'The notebook holds what each job really took, written while you worked.',
        'Every record shows which rates it would change; take it in, or leave it as an odd job.',
        'From then on plans are reckoned with your own rates, and each estimate says what it rests on.',
      ],
    },
    {
      key: 'cupboard',
      title: 'How the cupboard works',
      sentences: [
        'The cupboard knows your pastes, colours, tools and sheets, and how much of each there is.',
        'Plans choose from it: a cutter you own is offered before one you would have to buy.',
        'It goes out and in as a table, so that a spreadsheet can fill it.',
      ],
    },
    {
      key: 'versions',
      title: 'How versions work',
      sentences: [
        'Every save is a version: all of a week are kept, then one an hour, after thirty days one a day.',
        'Compare shows any of them beside the plan as it is, with what changed in words; one with a name is kept for good.',
        'Going back makes it the newest, and nothing of what came after is lost.',
      ],
    },
    {
      key: 'sharing',
      title: 'How sharing works',
      sentences: [
        'A link opens one sheet of one plan: the client’s, the handover, or the turntable for a helper’s phone.',
        'It is made on that sheet, ends by itself, counts how often it was opened, and can be withdrawn at any moment.',
        'Whoever has it sees what was chosen and nothing of the rest.',
      ],
    },
    {
      key: 'people',
      title: 'How people are let in',
      sentences: [
        'An owner invites people with a code or a link, each as owner, decorator, helper or reader.',
        'Two in one plan see each other; what they change apart is put together, what both change is asked.',
        'A forgotten password is set anew with a code that an owner makes.',
      ],
    },
    {
      key: 'archive',
      title: 'How files are kept',
      sentences: [
        'The whole workshop goes out as one open file, and a single plan or the drawer likewise.',
        'What comes in is checked wholly first, and comes beside what is there.',
        'At the machine a backup of everything is written on demand or each night, and seven are kept.',
      ],
    },
  ];
