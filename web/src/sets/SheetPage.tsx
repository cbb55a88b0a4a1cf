import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useDeskTools } from '../session/deskContext';
import { heldOrNot, inOrder, lineAt, moved, without, type SetDraft } from './draft';
import { Coming } from '../ui/Coming';
import { SumTile } from './SumTile';
import { WorkloadLine } from './WorkloadLine';
import { LONGEST_NAME } from '../ui/names';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** The sheet of a set: its sums on squares, and the actions on the chosen one. */
export function SheetPage({
  draft,
  coming,
  busy,
  shown,
  trouble,
  onChange,
  onDraw,
  onEven,
}: {
  draft: SetDraft;
  /** Whether the set is still to come. */
  coming: boolean;
  busy: boolean;
  /** How many answers are shown. */
  shown: number;
  trouble?: string;
  onChange: (to: SetDraft | ((now: SetDraft) => SetDraft)) => void;
  onDraw: (place: number) => void;
  /** Changes sums until no number fact stands out. */
  onEven: () => void;
}) {
  const [chosen, setChosen] = useState<string | null>(null);
  const { setOut } = useDeskTools();
  const navigate = useNavigate();
  const { sums, held, lines, version, versions, id } = draft;
  const place = sums.findIndex(({ plain }) => plain === chosen);
  const sum = sums[place];
  const isFirst = version === 'A';
  const openOn = (view: string) => {
    if (sum) {
      setOut({ plain: sum.plain, method: sum.method });
      void navigate(view);
    }
  };
  return (
    <Box sx={{ minHeight: 0, display: 'grid', gridTemplateRows: 'auto minmax(0, 1fr) auto' }}>
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 1,
          px: { xs: 2, md: 3.5 },
          pt: 2,
          pb: 1,
        }}
      >
        <InputBase
          value={draft.title}
          onChange={({ target }) => onChange((now) => ({ ...now, title: target.value }))}
          placeholder={t('sets.name-of-the-set')}
          inputProps={{ 'aria-label': t('sets.name-of-the-set'), maxLength: LONGEST_NAME }}
          sx={{ flex: '1 1 220px', fontSize: 'head', fontWeight: 700 }}
        />
        {versions.length > 1 &&
          versions.map((each) => (
            <Button
              key={each}
              aria-pressed={each === version}
              onClick={() => void navigate(`/sets/${id}?version=${each}`)}
            >
              {t('common.version', { version: each })}
            </Button>
          ))}
        <Box role="status" sx={{ color: 'text.secondary', fontSize: 'plain' }}>
          {sums.length > 0 && t('sets.sums', { sums: sums.length })}
        </Box>
      </Box>
      <Box
        role="region"
        aria-label={t('common.sheet')}
        tabIndex={0}
        aria-busy={busy}
        sx={{
          minHeight: 0,
          overflow: 'auto',
          px: { xs: 2, md: 3.5 },
          pb: 2,
          opacity: busy ? 0.6 : 1,
          display: 'flex',
          flexWrap: 'wrap',
          alignContent: 'start',
          gap: 1,
        }}
      >
        <TroubleNote of={trouble} />
        {coming && <Coming within />}
        {sums.length === 0 && !trouble && !coming && (
          <Box sx={{ py: 3, fontSize: 'lead', lineHeight: 1.5, color: 'text.secondary' }}>
            {t('sets.the-sheet-is-empty-choose')}
          </Box>
        )}
        {sums.map((each, i) => (
          <SumTile
            key={each.plain}
            sum={each}
            number={i + 1}
            chosen={each.plain === chosen}
            held={held.includes(each.plain)}
            answered={i < shown}
            onChoose={() => setChosen(each.plain === chosen ? null : each.plain)}
          />
        ))}
      </Box>
      <Box sx={{ px: { xs: 2, md: 3.5 }, py: 1, borderTop: 1, borderColor: 'divider' }}>
        {sum ? (
          <Box
            role="toolbar"
            aria-label={t('sets.sum', { place: place + 1 })}
            sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}
          >
            <Box sx={{ fontWeight: 700, mr: 0.5 }}>{sum.problem}</Box>
            {isFirst && (
              <>
                <Button
                  aria-pressed={held.includes(sum.plain)}
                  onClick={() => onChange(heldOrNot(draft, sum.plain))}
                >
                  {t('sets.hold')}
                </Button>
                <Button disabled={busy || lineAt(lines, place) < 0} onClick={() => onDraw(place)}>
                  {t('sets.another')}
                </Button>
                <Button
                  aria-label={t('common.earlier')}
                  disabled={place === 0}
                  onClick={() => onChange(moved(draft, place, -1))}
                >
                  ◂
                </Button>
                <Button
                  aria-label={t('common.later')}
                  disabled={place === sums.length - 1}
                  onClick={() => onChange(moved(draft, place, 1))}
                >
                  ▸
                </Button>
                <Button onClick={() => onChange(without(draft, place))}>
                  {t('common.delete')}
                </Button>
              </>
            )}
            <Box sx={{ flexBasis: '100%', height: 0 }} />
            {t('sets.open-it-on')}
            <Button onClick={() => openOn('/desk')}>{t('sets.the-desk')}</Button>
            <Button onClick={() => openOn('/board')}>{t('sets.the-board')}</Button>
            <Button onClick={() => openOn('/slate')}>{t('sets.the-slate')}</Button>
          </Box>
        ) : (
          <WorkloadLine
            sums={sums}
            actions={
              isFirst &&
              sums.length > 1 && (
                <>
                  <Button disabled={busy || lines.length === 0} onClick={onEven}>
                    {t('sets.even-out')}
                  </Button>
                  <Button onClick={() => onChange(inOrder(draft, 'quick'))}>
                    {t('sets.quickest-first')}
                  </Button>
                  <Button onClick={() => onChange(inOrder(draft, 'mixed'))}>{t('sets.mix')}</Button>
                </>
              )
            }
          />
        )}
      </Box>
    </Box>
  );
}
