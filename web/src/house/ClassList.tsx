import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import InputBase from '@mui/material/InputBase';
import { api } from '../api/client';
import type { ClassRoom } from '../api/types';
import { FIELD, KeptField } from '../ui/KeptField';
import { deletion, RowMenu, rowKeys } from '../ui/RowMenu';
import { useDraft } from '../ui/useDraft';
import { useNotice } from '../ui/useNotice';
import { useClassChange, useClasses } from '../session/classes';
import { t } from '../words';

/** The classes: which is current, their names, adding and removing, and back to the standard. */
export function ClassList() {
  const { data: classes = [] } = useClasses();
  const notice = useNotice();
  const change = useClassChange((trouble) => notice({ text: trouble.message }));
  const [name, setName, forgetName] = useDraft('class name');
  const current = classes.find((each) => each.current);

  const remove = ({ id, name: removed }: ClassRoom) =>
    change.mutate(() => api.removeClass(id), {
      onSuccess: () =>
        notice({
          text: t('house.is-removed', { removed }),
          undo: () => change.mutate(() => api.restoreClass(id)),
        }),
    });

  const menu = (room: ClassRoom) => [deletion(() => remove(room))];

  const reset = ({ id, name: kept, version, style }: ClassRoom) =>
    change.mutate(() => api.changeClass(id, { name: kept, version, style: {} }), {
      onSuccess: (now) =>
        notice({
          text: t('house.has-the-standard-settings', { kept }),
          undo: () =>
            change.mutate(() => {
              const latest = now.find((each) => each.id === id);
              return api.changeClass(id, {
                name: kept,
                version: latest?.version ?? version + 1,
                style,
              });
            }),
        }),
    });

  return (
    <Box component="section" aria-label={t('house.classes')}>
      <Box component="h3" sx={{ m: 0, fontSize: 'said', color: 'primary.main' }}>
        {t('house.classes')}
      </Box>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {classes.map((each) => (
          <Box
            component="li"
            key={each.id}
            onKeyDown={rowKeys(menu(each))}
            sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 0.5 }}
          >
            <Button
              aria-pressed={each.current}
              aria-label={t('house.make-the-current-class', { name: each.name })}
              title={t('house.current-class')}
              onClick={() => change.mutate(() => api.chooseClass(each.id))}
              sx={{ width: 40, p: 0 }}
            >
              {each.current ? '✓' : ''}
            </Button>
            <ClassName key={each.name} room={each} />
            <RowMenu of={each.name} entries={menu(each)} />
          </Box>
        ))}
      </Box>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          if (change.isPending) {
            return;
          }
          change.mutate(() => api.addClass({ name }), {
            onSuccess: forgetName,
          });
        }}
        sx={{ display: 'flex', gap: 1, mt: 1 }}
      >
        <InputBase
          value={name}
          onChange={(event) => setName(event.target.value)}
          placeholder={t('house.name-of-another-class')}
          inputProps={{ 'aria-label': t('house.name-of-another-class') }}
          sx={FIELD}
        />
        <Button type="submit">{t('house.add-class')}</Button>
      </Box>
      {current && (
        <Button sx={{ mt: 1.5 }} onClick={() => reset(current)}>
          {t('house.all-settings-back-to-standard')}
        </Button>
      )}
    </Box>
  );
}

/** The name of a class, which can be typed over. */
function ClassName({ room }: { room: ClassRoom }) {
  const change = useClassChange();
  const notice = useNotice();
  return (
    <KeptField
      label={t('common.name-of', { name: room.name })}
      kept={room.name}
      onKeep={(name) =>
        change.mutate(
          () => api.changeClass(room.id, { name, style: room.style, version: room.version }),
          { onError: (trouble) => notice({ text: trouble.message }) },
        )
      }
    />
  );
}
