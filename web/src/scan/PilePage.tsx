import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Grid, Scan } from '../api/types';
import { COLUMN } from '../ui/book';
import { CARD } from '../ui/card';
import { FileButton } from '../ui/FileButton';
import { save } from '../ui/save';
import { useAct } from '../ui/useAct';
import { isSecondClick } from '../ui/useDeletion';
import { useNotice } from '../ui/useNotice';
import { t } from '../words';
import { FigureWall, useWallAhead } from './FigureWall';
import { KeptSheets } from './KeptSheets';
import { readOf, type OnSheet } from './settling';
import { UnderCamera } from './UnderCamera';
import { Workings } from './WorkingsDialog';

type Page = Scan['pages'][number];

/** Files are brought in here; beside them stand the refused ones, with reasons. */
export function PilePage({
  handout,
  grid,
  scans,
  wrong,
  onScan,
}: {
  handout: number;
  grid: Grid;
  scans: Scan[];
  /** The wrong answers whose workings were read. */
  wrong: OnSheet[];
  onScan: (scan: Scan) => void;
}) {
  const kept = useQueryClient();
  const notice = useNotice();
  const onError = (trouble: Error) => notice({ text: trouble.message });
  /** The pile whose deletion is to be confirmed. */
  const [asked, setAsked] = useState<number | null>(null);
  const [filming, setFilming] = useState(false);
  /** Whether sheets that are made up are set out on squares. */
  const [setOut, setSetOut] = useState(false);
  const look = () => kept.invalidateQueries({ queryKey: ['scans', handout] });
  const bring = useAct({
    again: true,
    mutationFn: (file: File) => api.bringSheets(handout, file),
    onSuccess: look,
    onError: (trouble, file) => notice({ text: `${file.name}: ${trouble.message}` }),
  });
  const madeUp = t('scan.made-up', { title: grid.title });
  const standIn = useAct({
    mutationFn: async () => save(await api.standIn(handout, { setOut }), madeUp),
    onSuccess: (name) => notice({ text: t('scan.a-made-up-pile', { name }) }),
    onError,
  });
  const bringStandIn = useAct({
    mutationFn: async () => {
      const pile = await api.standIn(handout, { photographed: true, setOut });
      return api.bringSheets(handout, new File([pile], madeUp));
    },
    onSuccess: look,
    onError,
  });
  const giveUp = useAct({
    mutationFn: (scan: number) => api.removeSheets(scan),
    onSuccess: look,
    onError,
  });
  const remove = useAct({
    mutationFn: async ({ scan, pages }: { scan: number; pages: Page[] }) => {
      for (const { id } of pages) {
        onScan(await api.removeSheet(scan, id));
      }
    },
    onError,
  });
  return (
    <Box sx={COLUMN}>
      <Box component="h2" sx={{ m: 0, fontSize: 'lead' }}>
        {t('scan.filled-sheets')}
      </Box>
      <Box sx={{ lineHeight: 1.4 }}>{t('scan.bring-a-scan-or-photographs')}</Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <FileButton
          several
          label={t('scan.pictures-of-filled-sheets')}
          accept=".pdf,.png,.jpg,.jpeg,.webp,application/pdf,image/*"
          onFile={(file) => bring.mutate(file)}
        >
          {bring.isPending ? t('scan.on-its-way') : t('scan.bring-sheets-in')}
        </FileButton>
        <Button aria-haspopup="dialog" onClick={() => setFilming(true)}>
          {t('scan.hold-them-under-a-camera')}
        </Button>
      </Box>
      {filming && (
        <UnderCamera handout={handout} onTaken={look} onClose={() => setFilming(false)} />
      )}
      {scans.map((scan) => {
        const nobodys = scan.pages.filter(
          ({ problem, pupil }) => problem === undefined && pupil === undefined,
        );
        return (
          <Box key={scan.id} sx={{ display: 'grid', gap: 1.5 }}>
            <Box role="status" sx={{ fontWeight: 700 }}>
              {progress(scan)}
            </Box>
            {readOf(scan).right + readOf(scan).wrong > 0 && (
              <WhatWasRead scan={scan} onScan={onScan} />
            )}
            {nobodys.map((page) => (
              <Nobodys key={page.id} scan={scan} page={page} onScan={onScan} />
            ))}
            {byProblem(scan.pages).map(([problem, pages]) => (
              <Box key={problem} role="note" sx={{ ...CARD, display: 'grid', gap: 0.5 }}>
                <Box>{problem}</Box>
                <Box sx={{ color: 'text.secondary', fontSize: 'note', overflowWrap: 'anywhere' }}>
                  {pages
                    .map(({ file, number }) => t('scan.page-of-file', { file, page: number }))
                    .join('; ')}
                </Box>
                <Box>
                  <Button size="small" onClick={() => remove.mutate({ scan: scan.id, pages })}>
                    {t('scan.take-off-the-pile', { pages: pages.length })}
                  </Button>
                </Box>
              </Box>
            ))}
            <Box>
              <Button
                size="small"
                onClick={(event) =>
                  isSecondClick(event) ||
                  (asked === scan.id ? giveUp.mutate(scan.id) : setAsked(scan.id))
                }
              >
                {asked === scan.id ? t('scan.yes-delete-them') : t('scan.give-these-sheets-up')}
              </Button>
            </Box>
          </Box>
        );
      })}
      <KeptSheets handout={handout} />
      {wrong.length > 0 && <Workings grid={grid} wrong={wrong} />}
      <Box sx={{ color: 'text.secondary', fontSize: 'note', lineHeight: 1.4 }}>
        {t('scan.pictures-stay-here')}
      </Box>
      <Box component="h3" sx={{ m: 0, fontSize: 'said' }}>
        {t('common.to-try-it-out')}
      </Box>
      <Box sx={{ fontSize: 'note', lineHeight: 1.4, color: 'text.secondary' }}>
        {t('scan.simulated-pupils-fill-it')}
      </Box>
      <FormControlLabel
        control={<Checkbox checked={setOut} onChange={(_event, on) => setSetOut(on)} />}
        label={t('scan.with-workings-on-squares')}
      />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
        <Button disabled={standIn.isPending} onClick={() => standIn.mutate()}>
          {standIn.isPending ? t('common.making-it') : t('scan.have-a-pile-made')}
        </Button>
        <Button disabled={bringStandIn.isPending} onClick={() => bringStandIn.mutate()}>
          {bringStandIn.isPending ? t('common.making-it') : t('scan.make-one-and-bring-it-in')}
        </Button>
      </Box>
    </Box>
  );
}

/** How much of a pile was read, and the way to look it through. */
function WhatWasRead({ scan, onScan }: { scan: Scan; onScan: (scan: Scan) => void }) {
  const [open, setOpen] = useState(false);
  useWallAhead(scan);
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Box>{t('scan.read-by-its-ink', readOf(scan))}</Box>
      <Box sx={{ color: 'text.secondary', fontSize: 'note', lineHeight: 1.4 }}>
        {t('scan.checked-on-simulated-paper')}
      </Box>
      <Box>
        <Button variant="outlined" aria-haspopup="dialog" onClick={() => setOpen(true)}>
          {t('scan.look-through-the-figures', { seen: scan.lookedThrough.length })}
        </Button>
      </Box>
      {open && <FigureWall scan={scan} onScan={onScan} onClose={() => setOpen(false)} />}
    </Box>
  );
}

/** The pages that cannot be used, by the sentence that says why. */
function byProblem(pages: Page[]): [problem: string, pages: Page[]][] {
  const found = new Map<string, Page[]>();
  for (const page of pages) {
    if (page.problem !== undefined) {
      found.set(page.problem, [...(found.get(page.problem) ?? []), page]);
    }
  }
  return [...found];
}

function progress({ state, expected, pages }: Scan): string {
  const read = { read: pages.length, pages: expected };
  return {
    READING: t('scan.reading', read),
    READ: t('scan.read', read),
    STOPPED: t('scan.stopped', read),
  }[state];
}

/** A page without a pupil: a teacher who sees its name and number says whose it is. */
function Nobodys({ scan, page, onScan }: { scan: Scan; page: Page; onScan: (scan: Scan) => void }) {
  const notice = useNotice();
  const give = useAct({
    mutationFn: (pupil: number) => api.giveSheet(scan.id, page.id, pupil),
    onSuccess: onScan,
    onError: (trouble) => notice({ text: trouble.message }),
  });
  return (
    <Box sx={{ ...CARD, display: 'grid', gap: 1 }}>
      <Box
        component="img"
        src={`/api/scans/${scan.id}/pages/${page.id}/writer`}
        alt={t('scan.name-and-number-as-written')}
        sx={{ display: 'block', width: '100%' }}
      />
      <TextField
        select
        variant="standard"
        label={t('scan.whose-is-it')}
        value=""
        onChange={({ target }) => give.mutate(Number(target.value))}
      >
        {scan.writers.map(({ pupil, number, name }) => (
          <MenuItem key={pupil} value={pupil}>
            {t('scan.pupil', { number, name })}
          </MenuItem>
        ))}
      </TextField>
    </Box>
  );
}
