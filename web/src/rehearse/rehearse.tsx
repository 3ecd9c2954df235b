import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { api, type Drill, type Exercise, type Judgement, problemOf } from '../api/client';
import { save } from '../make/use';
import { Page } from '../shell/page';
import { Button } from '../ui/button';
import { useKept } from '../ui/kept';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';
import { ByHand } from './by-hand';
import { Drills } from './drills';
import { Question } from './question';

const HAND: readonly Drill[] = ['tape', 'gauge'];

/** For learners and teachers: marking by one's own hand, and what a plan asks of a head. */
export function Rehearse() {
  const client = useQueryClient();
  const { unit } = usePreferences();
  const [drill, setDrill] = useKept<Drill>('drill', 'tape');
  const [seed, setSeed] = useKept('seed', 1);
  const [judged, setJudged] = useState<{ of: Exercise; said: Judgement } | null>(null);
  const { data: exercise, error } = useQuery({
    queryKey: ['exercise', drill, seed],
    queryFn: () => api.exercise(drill, seed),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const { data: progress } = useQuery({ queryKey: ['practice'], queryFn: api.practice });
  const shown = judged && judged.of === exercise ? judged.said : null;
  const answer = async (numbers: readonly number[], choice?: string) => {
    if (!exercise) {
      return;
    }
    try {
      const said = await api.judge(drill, seed, { numbers: [...numbers], ...(choice ? { choice } : {}) });
      setJudged({ of: exercise, said });
      await client.invalidateQueries({ queryKey: ['practice'] });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const next = () => {
    setJudged(null);
    setSeed(seed + 1);
  };
  return (
    <Page
      title="Rehearse"
      note="by hand and by head; judged as your plans are reckoned"
      actions={<ClassSheets />}
    >
      <div className="grid grid-cols-[270px_minmax(0,1fr)] items-start gap-8 max-lg:grid-cols-1 print:block">
        <Drills
          progress={progress}
          drill={drill}
          choose={(to) => {
            setJudged(null);
            setDrill(to);
          }}
        />
        <section aria-label="Exercise" className="min-w-0 border-[1.5px] border-ink bg-sheet px-6 py-5">
          {error ? (
            <p role="alert" className="text-stop">
              {problemOf(error).detail}
            </p>
          ) : exercise === undefined ? (
            <p className="note">One moment</p>
          ) : (
            <>
              <p className="note">Number {exercise.seed}: the same for everybody who has it</p>
              <p className="mb-4 font-display text-[1.35rem] leading-snug font-bold">
                {say(exercise.asked, unit)}
              </p>
              {HAND.includes(exercise.drill) ? (
                <ByHand
                  key={`${exercise.drill}.${exercise.seed}`}
                  exercise={exercise}
                  judged={shown}
                  done={(marks) => void answer(marks)}
                />
              ) : (
                <Question
                  key={`${exercise.drill}.${exercise.seed}`}
                  exercise={exercise}
                  answered={shown !== null}
                  answer={(numbers, choice) => void answer(numbers, choice)}
                />
              )}
              {shown ? (
                <div
                  role="status"
                  data-right={shown.right}
                  className={`mt-4 border-l-4 px-4 py-3 ${shown.right ? 'border-good bg-good-ground' : 'border-look bg-look-ground'}`}
                >
                  <p className="text-[1.1rem]">
                    <b className={shown.right ? 'text-good' : 'text-look'}>
                      {shown.right ? '✓ Right. ' : '✗ Not yet. '}
                    </b>
                    {say(shown.said, unit)}
                  </p>
                  <Button look="main" className="mt-2" onClick={next}>
                    Another one
                  </Button>
                </div>
              ) : (
                <Button look="quiet" className="mt-3 -ml-3.5" onClick={next}>
                  Another one
                </Button>
              )}
            </>
          )}
        </section>
      </div>
    </Page>
  );
}

/** Sheets for a class, the answers on pages of their own. */
function ClassSheets() {
  const [seed, setSeed] = useState('1');
  const print = async () => {
    try {
      save(await api.classSheet(Number(seed), 12, 'a4'), `rehearsal-${seed}.pdf`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const readable = /^\d{1,9}$/.test(seed);
  return (
    <div className="flex items-end gap-2">
      <label>
        <span className="mb-0.5 block text-[0.92rem] text-soft">Sheet number</span>
        <input
          value={seed}
          inputMode="numeric"
          onChange={(e) => setSeed(e.currentTarget.value.trim())}
          aria-invalid={!readable}
          className="min-h-11 w-24 rounded-md border border-ink/45 bg-sheet px-2.5"
        />
      </label>
      <Button disabled={!readable} onClick={() => void print()}>
        <Printer size={17} aria-hidden /> Sheets for a class
      </Button>
    </div>
  );
}
