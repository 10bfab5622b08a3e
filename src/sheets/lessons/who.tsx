'use client';
/** Who takes part: the children by name. Nobody named means those who do by default, so that a child who joins later is in it. */
import { sameIds } from '@/core/plan/lookup';
import { Checkbox, Several } from '@/kit/field';
import { ChildName, type HatchName } from '@/kit/hatch';

export interface Taker {
  id: string;
  name: string;
  hatch: HatchName;
  /** Takes part where nobody is named; the smallest do not. */
  usual: boolean;
}

export function WhoTakesPart({
  people,
  childIds,
  onChange,
}: {
  people: readonly Taker[];
  childIds: readonly string[] | null;
  onChange: (childIds: string[] | null) => void;
}) {
  const usual = people.filter((c) => c.usual).map((c) => c.id);
  const who = childIds ?? usual;
  const change = (id: string, on: boolean): void => {
    const next = people.filter((c) => (c.id === id ? on : who.includes(c.id))).map((c) => c.id);
    onChange(sameIds(next, usual) ? null : next);
  };
  return (
    <Several>
      <legend>Who</legend>
      {people.map((c) => (
        <Checkbox key={c.id} isSelected={who.includes(c.id)} onChange={(on) => change(c.id, on)}>
          <ChildName name={c.name} hatch={c.hatch} strong={false} />
        </Checkbox>
      ))}
    </Several>
  );
}
