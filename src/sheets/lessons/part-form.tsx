'use client';
/** A part: what, how long, who, what you must do, when. */
import type { Part, PartKind } from '@/core/plan/lesson';
import { Button } from '@/kit/button';
import { DateField } from '@/kit/date-field';
import { Dialog } from '@/kit/dialog';
import { Checkbox, Choose, FieldRow, FieldStack, NumberField, Several, TextField } from '@/kit/field';
import { ChildName, type HatchName } from '@/kit/hatch';
import { useAct } from '../frame/use-act';
import { useForm } from '../frame/use-form';
import { savePart } from './actions';

export interface PartFormProps {
  lessonId: string;
  part?: Part;
  childrenOfUnit: { id: string; name: string; hatch: HatchName }[];
  onClose: () => void;
}

const KINDS: { value: PartKind; name: string; title: string }[] = [
  { value: 'activity', name: 'something to do', title: '' },
  { value: 'read-aloud', name: 'reading together', title: 'Read together' },
  { value: 'own-reading', name: 'own reading', title: 'Own reading' },
  { value: 'tell-back', name: 'telling it back', title: 'Tell it back' },
  { value: 'copying', name: 'copying', title: 'Copying' },
];

export function PartForm({ lessonId, part, childrenOfUnit, onClose }: PartFormProps) {
  const { act } = useAct();
  const form = useForm({
    kind: part?.kind ?? 'activity' as PartKind, title: part?.title ?? '', minutes: part ? part.minutes : 30 as number | null, lead: part?.lead ?? 'leads' as Part['lead'], window: part?.window ?? 'any' as Part['window'] | 'any',
    childIds: part ? part.childIds : null, fixedDate: part?.fixedDate ?? null, waitAfterHours: part?.waitAfterHours ?? 0 as number | null, waitLabel: part?.waitLabel ?? '',
  });
  const { value, set, error } = form;
  const who = value.childIds ?? childrenOfUnit.map((c) => c.id);
  const worked = value.kind !== 'activity';
  const save = (): void =>
    act((base) => savePart(base, lessonId, part?.id ?? null, { ...value, window: value.window === 'any' ? null : value.window, waitAfterHours: value.waitAfterHours ?? 0 }), { faults: form.takeFaults, then: onClose });
  return (
    <Dialog title={part ? `Change “${part.title}”` : 'Another part'} isOpen onClose={onClose} footer={<><Button onPress={onClose}>Leave it</Button><Button $primary onPress={save}>{part ? 'Keep' : 'Add'}</Button></>}>
      <form onSubmit={(e) => { e.preventDefault(); save(); }}>
        <FieldStack>
          <FieldRow>
            <Choose
              label="Kind" value={value.kind} choices={KINDS}
              onChange={(kind) => {
                const named = KINDS.some((k) => k.title && k.title === value.title);
                if (!value.title || named) set('title', KINDS.find((k) => k.value === kind)!.title);
                set('kind', kind);
                set('minutes', kind === 'activity' ? 30 : null);
                set('lead', kind === 'activity' || kind === 'read-aloud' ? 'leads' : 'not-needed');
              }}
            />
            <NumberField label="Minutes" help={worked ? 'Empty: worked out from pages and the ladder.' : undefined} value={value.minutes} onChange={(v) => set('minutes', v)} min={0} max={720} error={error('minutes')} />
          </FieldRow>
          <TextField label="What to do" autoFocus value={value.title} onChange={(v) => set('title', v)} error={error('title')} />
          <Several>
            <legend>Who</legend>
            {childrenOfUnit.map((c) => (
              <Checkbox
                key={c.id} isSelected={who.includes(c.id)}
                onChange={(on) => { const next = childrenOfUnit.filter((x) => (x.id === c.id ? on : who.includes(x.id))).map((x) => x.id); set('childIds', next.length === childrenOfUnit.length ? null : next); }}
              ><ChildName name={c.name} hatch={c.hatch} strong={false} /></Checkbox>
            ))}
          </Several>
          <FieldRow>
            <Choose label="You" value={value.lead} onChange={(v) => set('lead', v)} choices={[{ value: 'leads', name: 'lead it' }, { value: 'near', name: 'are near' }, { value: 'not-needed', name: 'are not needed' }]} />
            <Choose label="Best in the" value={value.window ?? 'any'} onChange={(v) => set('window', v)} choices={[{ value: 'any', name: 'any window' }, { value: 'morning', name: 'morning' }, { value: 'midday', name: 'midday' }, { value: 'afternoon', name: 'afternoon' }]} />
          </FieldRow>
          <FieldRow>
            <DateField label="Fixed date" help="Only if it cannot move." value={value.fixedDate} onChange={(v) => set('fixedDate', v)} error={error('fixedDate')} />
            <NumberField label="Hours to wait after it" help="Drying, freezing; nights count." value={value.waitAfterHours} onChange={(v) => set('waitAfterHours', v)} min={0} max={1440} error={error('waitAfterHours')} />
            <TextField label="The wait" placeholder="dries" value={value.waitLabel} onChange={(v) => set('waitLabel', v)} error={error('waitLabel')} />
          </FieldRow>
          <button type="submit" hidden />
        </FieldStack>
      </form>
    </Dialog>
  );
}
