import { api } from '../api/client';
import { useNotice } from '../ui/useNotice';
import { useClassChange, useClasses, useCurrentClass } from '../session/classes';
import { MenuButton } from '../ui/MenuButton';
import { t } from '../words';

/** The current class; its name opens the list of all. */
export function ClassChoice() {
  const { data: classes = [] } = useClasses();
  const current = useCurrentClass();
  const change = useClassChange();
  const notice = useNotice();
  if (!current) {
    return null;
  }
  return (
    <MenuButton
      variant="text"
      aria-label={t('house.class', { name: current.name })}
      entries={() =>
        classes.map(({ id, name, current: selected }) => ({
          key: id,
          name,
          selected,
          onChoose: () =>
            change.mutate(() => api.chooseClass(id), {
              onError: (trouble) => notice({ text: trouble.message }),
            }),
        }))
      }
      sx={{
        color: 'text.primary',
        fontSize: 'note',
        minHeight: 26,
        p: '1px 4px',
        overflowWrap: 'anywhere',
        textAlign: 'right',
      }}
    >
      {current.name} ▾
    </MenuButton>
  );
}
