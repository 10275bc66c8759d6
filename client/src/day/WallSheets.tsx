import type { DayData } from '@hollow-moon/contract';
import { worklistOf } from '@hollow-moon/core/planning';
import { bakesInWords, peopleInWords, say, taskInWords } from '@hollow-moon/words';
import { createElement, useEffect, useState } from 'react';
import { flushSync } from 'react-dom';
import { useWords } from '../design';
import type { Planned } from './usePlan';
import { dayAndHour, dayInWords } from './when';

interface Line {
  readonly key: string;
  readonly cells: readonly string[];
}

const Sheet = ({ title, lines }: { readonly title: string; readonly lines: readonly Line[] }) =>
  createElement(
    'section',
    { className: 'wall-sheet' },
    createElement('h2', null, title),
    createElement(
      'table',
      null,
      createElement(
        'tbody',
        null,
        lines.map(({ key, cells }) =>
          createElement(
            'tr',
            { key },
            cells.map((cell, index) => createElement('td', { key: index }, cell)),
          ),
        ),
      ),
    ),
  );

/** Whether the page is being printed: what is laid out only for that costs nothing on the screen. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    // The browser prints what stands there when this returns.
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener('beforeprint', begin);
    window.addEventListener('afterprint', end);
    return () => {
      window.removeEventListener('beforeprint', begin);
      window.removeEventListener('afterprint', end);
    };
  }, []);
  return printing;
}

/** What is printed of a plan: one sheet for the wall, and one for each person. On the screen it is not there. */
export const WallSheets = (of: { readonly planned: Planned; readonly day: DayData }) =>
  usePrinting() ? <Sheets {...of} /> : null;

function Sheets({ planned, day }: { readonly planned: Planned; readonly day: DayData }) {
  const { quantity } = useWords();
  const { plan, model, session } = planned;
  const title = `${day.name}, ${dayInWords(day.date)}`;
  const whereOf = (task: string, ovenId: string | undefined) => {
    const { oven: need } = model.byId.get(task)!.task;
    const oven = session.means.ovens.find(({ id }) => id === ovenId);
    return need && oven ? `${oven.name}, ${quantity({ ovenC: need.setC })}` : '';
  };
  return createElement(
    'div',
    { className: 'print-only', 'aria-hidden': true },
    createElement(Sheet, {
      title,
      lines: plan.placed.map(({ task, startMin, ovenId, people }) => {
        const job = model.byId.get(task)!;
        return {
          key: task,
          cells: [
            dayAndHour(day.date, startMin),
            taskInWords(job),
            bakesInWords(job, planned),
            whereOf(task, ovenId),
            peopleInWords(people, planned),
          ],
        };
      }),
    }),
    session.means.people.map(({ id, name }) =>
      createElement(Sheet, {
        key: id,
        title: say('day.sheet-of', { person: name, day: title }),
        lines: worklistOf(model, plan, id).map(({ placed, fromMin, minutes }, index) => {
          const job = model.byId.get(placed.task)!;
          return {
            key: `${placed.task} ${index}`,
            cells: [
              dayAndHour(day.date, fromMin),
              say('day.minutes', { minutes }),
              taskInWords(job),
              bakesInWords(job, planned),
              whereOf(placed.task, placed.ovenId),
            ],
          };
        }),
      }),
    ),
  );
}
