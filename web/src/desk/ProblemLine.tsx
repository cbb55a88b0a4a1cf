import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import { memo, useEffect, useRef } from 'react';
import type { Trouble } from '../api/taken';
import { namedBy } from '../session/address';
import { hasLaid } from '../session/laid';
import { useDesk, useDeskTools } from '../session/deskContext';
import { RecentSums } from './RecentSums';
import { t } from '../words';

const SIGNS = [
  { sign: '+', name: t('common.plus') },
  { sign: '−', name: t('common.minus') },
  { sign: '×', name: t('common.times') },
  { sign: '÷', name: t('common.divided-by') },
  { sign: '√', name: t('desk.root-of') },
];

/** The one line to write a sum in; a refusal is said beneath and its place is selected. */
export function ProblemLine(props: { onSetOut: () => void; wideOnly: boolean }) {
  const { line, trouble } = useDesk();
  return <TypedLine line={line} trouble={trouble} {...props} />;
}

/** The line itself, which a step on the desk leaves unchanged. */
const TypedLine = memo(function TypedLine({
  line,
  trouble,
  onSetOut,
  wideOnly,
}: {
  line: string;
  trouble: Trouble | null;
  onSetOut: () => void;
  wideOnly: boolean;
}) {
  const { dispatch, setOutLine } = useDeskTools();
  const input = useRef<HTMLInputElement>(null);

  // With nothing on the desk the first thing that anybody does is to type a sum.
  useEffect(() => {
    const { pathname, search } = window.location;
    if (!hasLaid() && !namedBy(search) && ['/', '/desk'].includes(pathname)) {
      input.current?.focus();
    }
  }, []);

  // The line was left when it was sent; one that is refused is to be mended.
  useEffect(() => {
    const field = input.current;
    if (trouble && field && document.activeElement?.matches('body, button')) {
      field.focus();
      field.setSelectionRange(trouble.from ?? field.value.length, trouble.to ?? field.value.length);
    }
  }, [trouble]);

  const insert = (sign: string) => {
    const field = input.current;
    const at = field?.selectionStart ?? line.length;
    const end = field?.selectionEnd ?? at;
    const spaced = sign === '√' ? sign : ` ${sign} `;
    dispatch({
      do: 'type',
      line: line.slice(0, at).trimEnd() + spaced + line.slice(end).trimStart(),
    });
    requestAnimationFrame(() => {
      const caret = line.slice(0, at).trimEnd().length + spaced.length;
      field?.focus();
      field?.setSelectionRange(caret, caret);
    });
  };

  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setOutLine(line);
        onSetOut();
      }}
      sx={{
        // On a narrow screen the other views need its room.
        display: { xs: wideOnly ? 'none' : 'block', sm: 'block' },
        flex: { xs: '1 0 100%', md: 1 },
        order: { xs: 2, md: 1 },
        minWidth: 0,
        position: 'relative',
        '@media print': { display: 'none' },
      }}
    >
      <Box
        sx={{
          display: 'flex',
          flexWrap: { xs: 'wrap', sm: 'nowrap' },
          alignItems: 'center',
          columnGap: 0.5,
          py: { xs: 0.75, sm: 0 },
          minHeight: 50,
          pl: 2.25,
          pr: 0.75,
          border: 2,
          borderColor: trouble ? 'error.main' : 'primary.main',
          borderRadius: '10px',
          bgcolor: 'background.paper',
        }}
      >
        <InputBase
          inputRef={input}
          value={line}
          placeholder="348 + 97 + 205"
          onChange={(event) => dispatch({ do: 'type', line: event.target.value })}
          error={trouble !== null}
          inputProps={{
            'aria-label': t('common.sum'),
            'data-sum-line': true,
            'aria-describedby': trouble ? 'line-trouble' : undefined,
            'aria-invalid': trouble !== null,
            autoComplete: 'off',
            spellCheck: false,
          }}
          sx={{
            flex: { xs: '1 0 100%', sm: 1 },
            minWidth: 0,
            fontSize: 'head',
            '& input': { p: 0 },
          }}
        />
        <RecentSums />
        {SIGNS.map(({ sign, name }) => (
          <Button key={sign} aria-label={name} onClick={() => insert(sign)} sx={SIGN_KEY}>
            {sign}
          </Button>
        ))}
        <Button type="submit" variant="contained" sx={{ whiteSpace: 'nowrap' }}>
          {t('desk.set-it-out')}
        </Button>
      </Box>
      {trouble && (
        <Box
          id="line-trouble"
          role="alert"
          sx={{
            position: 'absolute',
            zIndex: 10,
            top: 'calc(100% + 4px)',
            left: 0,
            maxWidth: '100%',
            px: 2,
            py: 1,
            borderLeft: 6,
            borderColor: 'error.main',
            borderRadius: 1,
            bgcolor: 'ink.slipPage',
            boxShadow: 3,
          }}
        >
          {trouble.message}
          <Where line={line} from={trouble.from} to={trouble.to} />
          {trouble.meant && (
            <Box sx={{ mt: 0.5 }}>
              {t('desk.did-you-mean')}{' '}
              <Button
                onClick={() => {
                  const meant = trouble.meant ?? '';
                  dispatch({ do: 'type', line: meant });
                  setOutLine(meant);
                  onSetOut();
                }}
              >
                {trouble.meant}
              </Button>
            </Box>
          )}
        </Box>
      )}
    </Box>
  );
});

const SIGN_KEY = {
  width: 36,
  minHeight: 36,
  p: 0,
  border: 'none',
  bgcolor: 'background.default',
  fontSize: 'said',
};

/** The typed line again, with the place of the trouble marked. */
function Where({ line, from, to }: { line: string; from?: number; to?: number }) {
  if (from === undefined || to === undefined || line.trim() === '') {
    return null;
  }
  const start = Math.max(0, from - 24);
  const end = Math.min(line.length, Math.max(to, from + 1) + 24);
  return (
    <Box
      data-testid="where"
      sx={{ fontSize: 'lead', whiteSpace: 'pre-wrap', overflowWrap: 'anywhere' }}
    >
      {start > 0 && '…'}
      {line.slice(start, from)}
      <Box
        component="mark"
        sx={{
          bgcolor: 'transparent',
          color: 'error.main',
          fontWeight: 700,
          borderBottom: 3,
          borderColor: 'error.main',
        }}
      >
        {line.slice(from, Math.min(to, from + 48)) || '\u00a0?\u00a0'}
      </Box>
      {line.slice(Math.min(to, from + 48), end)}
      {end < line.length && '…'}
    </Box>
  );
}
