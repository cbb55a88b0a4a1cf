import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../api/client';
import type { Range, Recipe } from '../api/types';
import { useCurrentClass } from '../session/classes';
import { RangeFields, SizeFields } from './BlankFields';
import { grouped, numbersOf, sizeWords, withSize, withWish } from './sentence';
import { MenuButton } from '../ui/MenuButton';
import { t } from '../words';

/** A blank of the sentence. */
type Blank = { size: number } | { wish: string };

/** A recipe as a sentence with blanks, and how many sums fit it. */
export function Sentence({
  recipe,
  onChange,
}: {
  recipe: Recipe;
  onChange: (recipe: Recipe) => void;
}) {
  const style = useCurrentClass()?.style;
  const { data, error } = useQuery({
    queryKey: ['sums that fit', recipe, style],
    queryFn: () => api.countSums(recipe),
    placeholderData: (before) => before,
    staleTime: Infinity,
  });
  const [open, setOpen] = useState<{ blank: Blank; at: HTMLElement } | null>(null);
  const wishes = Object.entries(recipe.wishes ?? {});
  const place = open && 'size' in open.blank ? open.blank.size : -1;
  const size = recipe.numbers[place];
  const wish = open && 'wish' in open.blank ? open.blank.wish : undefined;
  const blankAt = (blank: Blank) => (at: HTMLElement) => setOpen({ blank, at });
  return (
    <Box>
      <Box sx={{ fontSize: 'said', lineHeight: 2 }}>
        {numbersOf(recipe.numbers.length)}
        {t('sets.of')}{' '}
        {recipe.numbers.map((size, i) => (
          <Box component="span" key={i}>
            {i > 0 && (i === recipe.numbers.length - 1 ? t('sets.and') : ', ')}
            <BlankButton label={t('sets.number', { number: i + 1 })} onOpen={blankAt({ size: i })}>
              {sizeWords(size)}
            </BlankButton>
          </Box>
        ))}
        {wishes.map(([trait]) => (
          <Box component="span" key={trait}>
            ,{' '}
            <BlankButton label={t('sets.wish')} onOpen={blankAt({ wish: trait })}>
              {data?.wishes[trait] ?? '…'}
            </BlankButton>
          </Box>
        ))}
        {recipe.places ? t('sets.to-places', { places: recipe.places }) : ''}.{' '}
        <MoreWishes
          recipe={recipe}
          onTake={(trait) => onChange(withWish(recipe, trait, { from: 1 }))}
        />
      </Box>
      <Box role="status" sx={{ mt: 0.5, fontSize: 'plain' }}>
        {data &&
          (data.clash ? (
            <Box sx={{ color: 'error.main' }}>{data.clash}</Box>
          ) : (
            <>
              <strong>{grouped(data.count)}</strong>{' '}
              {data.count === '1' ? t('sets.sum-fits') : t('sets.sums-fit')}
            </>
          ))}
        {error && <Box sx={{ color: 'error.main' }}>{error.message}</Box>}
      </Box>
      <Popover
        open={open !== null}
        anchorEl={open?.at}
        onClose={() => setOpen(null)}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'left' }}
        slotProps={{ paper: { sx: { p: 2, border: 1, borderColor: 'ink.edge' } } }}
      >
        {size && (
          <SizeFields size={size} onChange={(next) => onChange(withSize(recipe, place, next))} />
        )}
        {wish !== undefined && (
          <WishFields
            range={recipe.wishes?.[wish] ?? {}}
            onChange={(range) => onChange(withWish(recipe, wish, range))}
            onLeaveOut={() => {
              onChange(withWish(recipe, wish));
              setOpen(null);
            }}
          />
        )}
      </Popover>
    </Box>
  );
}

function BlankButton({
  label,
  onOpen,
  children,
}: {
  label: string;
  onOpen: (at: HTMLElement) => void;
  children: string;
}) {
  return (
    <Button
      aria-haspopup="dialog"
      aria-label={`${label}: ${children}`}
      onClick={(event) => onOpen(event.currentTarget)}
      sx={{
        minHeight: 30,
        px: 1,
        py: 0,
        fontSize: 'inherit',
        border: 0,
        borderBottom: 2,
        borderRadius: '6px 6px 0 0',
        borderColor: 'ink.nowEdge',
        bgcolor: 'ink.now',
      }}
    >
      {children}
    </Button>
  );
}

function WishFields({
  range,
  onChange,
  onLeaveOut,
}: {
  range: Range;
  onChange: (range: Range) => void;
  onLeaveOut: () => void;
}) {
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <RangeFields range={range} least={0} open onChange={onChange} />
      <Button onClick={onLeaveOut}>{t('sets.anything-goes')}</Button>
    </Box>
  );
}

/** The other wishes that such sums allow. */
function MoreWishes({ recipe, onTake }: { recipe: Recipe; onTake: (trait: string) => void }) {
  const style = useCurrentClass()?.style;
  const { data } = useQuery({ queryKey: ['traits', style], queryFn: api.traits });
  const free = data?.filter(
    ({ operation, name }) => operation === recipe.operation && !(name in (recipe.wishes ?? {})),
  );
  return (
    <MenuButton
      entries={() =>
        free?.map(({ name, words }) => ({ key: name, name: words, onChoose: () => onTake(name) }))
      }
      sx={{ minHeight: 30, px: 1, py: 0, fontSize: 'note' }}
    >
      {t('sets.one-wish-more')}
    </MenuButton>
  );
}
