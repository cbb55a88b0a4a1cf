import { useEffect, useState, type ComponentType, type ReactNode } from 'react';

/**
 * A part of the screens that is loaded when it is first shown. React's own `lazy` keeps what has come
 * back for 300 ms once nothing was shown in its place; this shows it at once, and `meanwhile` before.
 */
export function deferred<Props extends object>(
  load: () => Promise<{ default: ComponentType<Props> }>,
  meanwhile: ReactNode = null,
) {
  let loaded: ComponentType<Props> | undefined;
  return function Deferred(props: Props) {
    const [Part, setPart] = useState(() => loaded);
    const [trouble, setTrouble] = useState<Error>();
    useEffect(() => {
      if (Part) {
        return undefined;
      }
      let wanted = true;
      load().then(
        (module) => {
          loaded = module.default;
          if (wanted) {
            setPart(() => module.default);
          }
        },
        (error: Error) => wanted && setTrouble(error),
      );
      return () => {
        wanted = false;
      };
    }, [Part]);
    if (trouble) {
      throw trouble;
    }
    return Part ? <Part {...props} /> : meanwhile;
  };
}
