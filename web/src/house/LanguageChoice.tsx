import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ClassRoom, Settings } from '../api/types';
import { useStyleChange } from '../session/classes';
import { TroubleNote } from '../ui/TroubleNote';
import { t } from '../words';

/** In which language the class works; where there is only one, nothing is to be chosen. */
export function LanguageChoice({
  languages,
  room,
}: {
  languages: Settings['languages'];
  room: ClassRoom;
}) {
  const { save, error } = useStyleChange(room.id);
  if (languages.length < 2) {
    return null;
  }
  const choose = (language: string) =>
    save(
      (style) => ({ ...style, language }),
      // All words are learnt anew, so the page is loaded again.
      () => window.location.assign(`?lang=${language}`),
    );
  return (
    <Box component="section" data-testid="setting-language" sx={{ mt: 2.5 }}>
      <Box component="h3" id="language" sx={{ m: 0, fontSize: 'said', color: 'primary.main' }}>
        {t('house.language')}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 'note' }}>{t('house.language-about')}</Box>
      <Box role="group" aria-labelledby="language" sx={{ display: 'flex', gap: 1, mt: 1 }}>
        {languages.map(({ tag, name }) => (
          <Button
            key={tag}
            aria-pressed={tag === room.style.language}
            onClick={() => choose(tag)}
            sx={{ px: 1.5, minHeight: 36 }}
          >
            {name}
          </Button>
        ))}
      </Box>
      <TroubleNote of={error} />
    </Box>
  );
}
