import { queryOptions } from '@tanstack/react-query';
import { api } from '../api/client';
import type { Setting, Style, Working } from '../api/types';

/** The example of a setting, or the last sum, worked in a style. */
export function livePage(setting: Setting, lastSum: Working | null, style: Style) {
  const problem = lastSum?.plain ?? setting.example;
  const method = lastSum?.method ?? setting.method;
  return queryOptions({
    queryKey: ['live', problem, method, style],
    queryFn: () => api.work({ problem, method, style }),
    staleTime: Infinity,
  });
}
