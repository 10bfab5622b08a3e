'use client';
/**
 * Adding objectives: typed, pasted or from a table; what is wrong is named by its row, and nothing is kept until it is
 * mended.
 */
import { FormDialog } from '@/kit/form-dialog';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import { readObjectives } from '@/core/formats/objectives';
import { Button } from '@/kit/button';
import { TextField } from '@/kit/field';
import { Caution, Quiet } from '@/kit/text';
import { useAct } from '../frame/use-act';
import { saveObjectives } from './actions';

export function AddObjectives({ unitId, onClose }: { unitId: string; onClose: () => void }) {
  const { act } = useAct();
  const [text, setText] = useState('');
  const { objectives, faults } = readObjectives(text);
  const n = objectives.length;
  return (
    <FormDialog
      title="Add objectives"
      verb={n ? `Add ${n}` : 'Add'}
      isDisabled={!n || faults.length > 0}
      onSubmit={() =>
        act(
          (base) =>
            saveObjectives(base, {
              unitId,
              lines: objectives.map(({ code, wording }) => ({ code, wording })),
            }),
          { then: onClose },
        )
      }
      onClose={onClose}
    >
      <TextField
        label="Objectives"
        help="One to a line; a code may stand first. Or a table (CSV) with the columns code and wording."
        rows={8}
        autoFocus
        value={text}
        onChange={setText}
      />
      <FileTrigger
        acceptedFileTypes={['.csv', '.txt', '.tsv', 'text/*']}
        onSelect={(files) => {
          void files?.[0]?.text().then(setText);
        }}
      >
        <Button>Take them from a file</Button>
      </FileTrigger>
      {faults.length ? (
        <div role="alert">
          <Caution>Nothing is kept until these are mended:</Caution>
          <ul>
            {faults.slice(0, 20).map((f, i) => (
              <li key={i}>
                <b>row {f.line}</b>: {f.what}
              </li>
            ))}
          </ul>
        </div>
      ) : null}
      {n ? (
        <Quiet>
          {n} read
          {objectives.some((o) => o.code) ? `, ${objectives.filter((o) => o.code).length} with a code` : ''}.
          One whose code is there already gets its new wording.
        </Quiet>
      ) : null}
    </FormDialog>
  );
}
