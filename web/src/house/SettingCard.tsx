import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { memo, useRef, useState } from 'react';
import type { Setting, Style, Working } from '../api/types';
import type { Layer } from '../paper/layer';
import { Sheet, SheetSvg, Wash } from '../paper/Sheet';
import { shownArea, SIDE } from '../paper/geometry';
import { useInSight } from '../ui/useInSight';
import { CueRow } from '../session/CueRow';
import { livePage } from './livePage';
import { MoveList } from './MoveList';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** One setting: its subject, its values, and a small live page that follows it. */
export const SettingCard = memo(function SettingCard({
  setting,
  style,
  lastSum,
  trouble,
  onChange,
}: {
  setting: Setting;
  style: Style;
  lastSum: Working | null;
  trouble?: string;
  onChange: OnChange;
}) {
  return (
    <Box
      data-testid={`setting-${setting.key}`}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', sm: 'minmax(0, 1fr) minmax(0, 270px)' },
        gap: 2,
        py: 1.5,
        borderBottom: '1px dotted',
        borderColor: 'ink.edge',
        '@media print': { display: 'block', breakInside: 'avoid' },
      }}
    >
      <Box>
        <Box id={`name-${setting.key}`} sx={{ fontWeight: 700, fontSize: 'said' }}>
          {setting.name}
        </Box>
        <Box sx={{ color: 'text.secondary', fontSize: 'note', lineHeight: 1.3 }}>
          {setting.about}
        </Box>
        {setting.moves.length > 0 ? (
          <MoveList
            setting={setting}
            style={style}
            onChange={(change) => onChange(setting, change)}
          />
        ) : (
          <Choices
            setting={setting}
            chosen={style[setting.key as keyof Style] as string | undefined}
            onChange={onChange}
          />
        )}
        <TroubleNote of={trouble} />
      </Box>
      <LivePage setting={setting} style={style} lastSum={lastSum} />
    </Box>
  );
});

/** Has a change to the style kept, which the live page of the setting shows at once. */
type OnChange = (setting: Setting, change: (style: Style) => Style) => void;

/** A change of another setting changes the live page only, and nothing of this. */
const Choices = memo(function Choices({
  setting,
  chosen,
  onChange,
}: {
  setting: Setting;
  chosen: string | undefined;
  onChange: OnChange;
}) {
  const standard = setting.choices[0]?.value;
  const choose = (value: string) =>
    onChange(setting, (style) => ({ ...style, [setting.key]: value }));
  return (
    <Box
      role="group"
      aria-labelledby={`name-${setting.key}`}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}
    >
      {setting.choices.map(({ value, name }) => (
        <Button
          key={value}
          aria-pressed={value === chosen}
          onClick={() => value !== chosen && choose(value)}
          sx={{ px: 1.5, minHeight: 36 }}
        >
          {name}
        </Button>
      ))}
      {chosen !== standard && standard && (
        <Button
          variant="text"
          aria-label={t('house.standard-for', { name: setting.name })}
          onClick={() => choose(standard)}
          sx={{ minHeight: 36 }}
        >
          {t('house.standard')}
        </Button>
      )}
    </Box>
  );
});

/** The example of a setting, or the last sum, worked in the present style. */
function LivePage({
  setting,
  style,
  lastSum,
}: {
  setting: Setting;
  style: Style;
  lastSum: Working | null;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const inSight = useInSight(frame);
  const query = useQuery({ ...livePage(setting, lastSum, style), enabled: inSight });
  // While another page is worked, or where a choice is refused, the one before stays.
  const [data, setData] = useState(query.data);
  if (query.data && query.data !== data) {
    setData(query.data);
  }
  if (!data) {
    return <Box ref={frame} className="screen-only" sx={{ height: 150 }} />;
  }
  const end = data.steps.length + data.check.steps.length - 1;
  const step = Math.min(lastSum ? data.steps.length - 1 : setting.step, end);
  const now = data.steps[step] ?? data.check.steps[step - data.steps.length];
  const checking = step >= data.steps.length;
  const open = step < data.steps.length - 1 ? data.open : [];
  const layers: Layer[] = [{ paper: data.paper, step, fresh: !checking, open }];
  if (checking) {
    layers.push({ paper: data.check.paper, step: step - data.steps.length });
  }
  const { from, to } = shownArea(layers);
  const columns = to.column - from.column + 2;
  const rows = to.row - from.row + 2;
  return (
    <Box
      ref={frame}
      className="screen-only"
      sx={{ minWidth: 0 }}
      data-shown={String(data.sum.style?.[setting.key as keyof Style])}
    >
      <Box sx={{ bgcolor: 'ink.page', border: 1, borderColor: 'ink.square', borderRadius: 1 }}>
        <SheetSvg
          role="img"
          aria-label={t('house.live-page', { setting: setting.name, problem: data.problem })}
          width="100%"
          height={Math.min(230, Math.max(96, rows * 28))}
          viewBox={[from.column - 0.5, from.row - 0.5, columns, rows]
            .map((n) => n * SIDE)
            .join(' ')}
        >
          {!checking && now?.focus && <Wash area={now.focus} />}
          <Sheet layers={layers} />
        </SheetSvg>
      </Box>
      <Box data-testid="live-sentence" sx={{ fontSize: 'note', lineHeight: 1.3, mt: 0.5 }}>
        {now?.say}
      </Box>
      {setting.moves.length > 0 && now && <CueRow cues={data.cues} step={now} />}
    </Box>
  );
}
