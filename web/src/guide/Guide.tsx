import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { api } from '../api/client';
import { BOOK, COLUMN, PAGES, RIGHT_PAGE } from '../ui/book';
import { Coming } from '../ui/Coming';
import { SearchField } from '../ui/SearchField';
import { useDraft } from '../ui/useDraft';
import { t } from '../words';
import { AboutCard } from './AboutCard';
import { found, withPictures } from './pages';

/** The guide for teachers, and which Bemble this is. */
export default function Guide() {
  const { data, error } = useQuery({
    queryKey: ['guide'],
    queryFn: api.guide,
    staleTime: Infinity,
  });
  const [typed, setTyped] = useDraft('guide search');
  const search = useDeferredValue(typed);
  const pages = useMemo(
    () => data?.map((page) => ({ ...page, html: withPictures(page.html, PICTURES) })),
    [data],
  );
  if (!pages) {
    return <Coming trouble={error} />;
  }
  const shown = found(pages, search);
  return (
    <Box component="main" sx={{ ...BOOK, mb: 2.5, gridTemplateColumns: PAGES }}>
      <Box sx={COLUMN} tabIndex={0} role="region" aria-label={t('guide.guide')}>
        {shown.length === 0 && (
          <Box role="status" sx={{ fontSize: 'lead' }}>
            {t('guide.nothing-found', { search })}
          </Box>
        )}
        {shown.map(({ id, title, html }) => (
          <Box component="article" key={id} id={id} sx={TEXT}>
            <h2>{title}</h2>
            <div dangerouslySetInnerHTML={{ __html: html }} />
          </Box>
        ))}
      </Box>
      <Box sx={{ ...RIGHT_PAGE, ...COLUMN }} className="screen-only">
        <Box sx={{ display: 'flex', flexShrink: 0 }}>
          <SearchField label={t('guide.search')} value={typed} onChange={setTyped} />
        </Box>
        <Box component="nav" aria-label={t('guide.pages')}>
          <Box component="ol" sx={{ m: 0, pl: 3, fontSize: 'said', lineHeight: 1.9 }}>
            {shown.map(({ id, title }) => (
              <li key={id}>
                <Box component="a" href={`#${id}`} sx={{ color: 'primary.main' }}>
                  {title}
                </Box>
              </li>
            ))}
          </Box>
        </Box>
        <AboutCard />
      </Box>
    </Box>
  );
}

/** The pictures of the guide by the names of their files. */
const PICTURES = import.meta.glob<string>(
  '../../../docs/screenshots/{blocks,board,desk,house-style,marking,plan,register,sets,slate,strip,today,workbook}.png',
  {
    eager: true,
    query: '?url',
    import: 'default',
  },
);

const TEXT = {
  maxWidth: 720,
  fontSize: 'said',
  lineHeight: 1.5,
  '& h2': { fontSize: 'head', m: 0, mb: 1 },
  '& p, & ul, & ol': { my: 1 },
  '& li': { my: 0.5 },
  '& img': { width: '100%', border: 1, borderColor: 'ink.square', borderRadius: 1 },
  '& code': { fontFamily: 'inherit', fontWeight: 700 },
  '& table': { borderCollapse: 'collapse' },
  '& th, & td': {
    textAlign: 'left',
    verticalAlign: 'top',
    py: 0.5,
    pr: 3,
    borderBottom: '1px dotted',
    borderColor: 'ink.edge',
  },
  '& + article': { mt: 3 },
  // Each page begins a sheet of its own, so that one may be handed on.
  '@media print': {
    maxWidth: 'none',
    fontSize: 'note',
    '& img': { maxHeight: '36vh !important', width: 'auto' },
    '& + article': { breakBefore: 'page' },
  },
} as const;
