import { queryOptions } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Setting, Style, Working } from '../api/types';

/** The example of a setting, or the last sum, worked in a style. */
export function livePage(setting: Setting, lastSum: Working | null, style: Style) {
  const { plain, method } = lastSum?.sum ?? { plain: setting.example, method: setting.method };
  const sum = { plain, method, style };
  return queryOptions({
    queryKey: ['live', sum],
    queryFn: () => api.work(sum),
    staleTime: Infinity,
  });
}
