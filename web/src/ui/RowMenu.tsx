import type { KeyboardEvent } from 'react';
import { MenuButton } from './MenuButton';
import type { Entry } from './MenuEntries';
import { t } from '../words';

const DELETE = 'delete';

/** What else can be done with a row of a list, one press away. */
export function RowMenu({ of, entries }: { of: string; entries: Entry[] }) {
  return (
    <MenuButton
      entries={() => entries}
      variant="text"
      aria-label={t('ui.more-about', { name: of })}
      sx={{ px: 1.25, fontWeight: 700, color: 'ink.quiet' }}
    >
      ⋯
    </MenuButton>
  );
}

/**
 * What an entry does whose keys are pressed while the focus is within its row. A key that is held
 * down would go on to the next row, once this one is deleted.
 */
export const rowKeys = (entries: Entry[]) => (event: KeyboardEvent) => {
  const pressed = `${event.altKey ? 'Alt+' : ''}${event.key}`;
  const entry = entries.find(({ keys }) => keys === pressed);
  const isWriting = event.target instanceof HTMLInputElement && !event.altKey;
  const isOther = event.ctrlKey || event.metaKey || event.shiftKey;
  const isHeldDown = event.repeat && entry?.key === DELETE;
  if (entry?.onChoose && !isWriting && !isOther && !isHeldDown) {
    event.preventDefault();
    entry.onChoose();
  }
};

/** The entry that deletes, heard on its key. */
export const deletion = (onChoose: () => void): Entry => ({
  key: DELETE,
  name: t('common.delete'),
  keys: 'Delete',
  onChoose,
});
