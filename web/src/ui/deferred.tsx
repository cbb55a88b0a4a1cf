import { useEffect, useState, type ComponentType, type ReactNode } from 'react';

/**
 * A part of the screens that is loaded when it is first shown. React's own `lazy` delays a part for
 * 300 ms if nothing was shown in its place; this shows it at once, and `meanwhile` before.
 */
export function deferred<Props extends object>(
  load: () => Promise<{ default: ComponentType<Props> }>,
  meanwhile: ReactNode = null,
) {
  let loaded: ComponentType<Props> | undefined;
  const take = async () => {
    const { default: part } = await load();
    loaded = part;
    return part;
  };
  function Deferred(props: Props) {
    const [Part, setPart] = useState(() => loaded);
    const [trouble, setTrouble] = useState<Error>();
    useEffect(() => {
      if (Part) {
        return undefined;
      }
      let wanted = true;
      take().then(
        (part) => wanted && setPart(() => part),
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
  }
  /**
   * Loads the part before it is shown, if keys may come at once or Bemble may be stopped by then.
   */
  const ahead = () => void take().catch(() => undefined);
  return Object.assign(Deferred, { ahead });
}

/**
 * A part that is there but closed, as a menu is: it is loaded once its view is drawn, and where that
 * fails, again when it is opened.
 */
export function openedLater<Props extends { open: boolean }>(
  load: () => Promise<{ default: ComponentType<Props> }>,
) {
  let loaded: ComponentType<Props> | undefined;
  return function OpenedLater(props: Props) {
    const { open } = props;
    const [Part, setPart] = useState(() => loaded);
    useEffect(() => {
      if (!Part) {
        load().then(
          (module) => {
            loaded = module.default;
            setPart(() => module.default);
          },
          () => undefined,
        );
      }
    }, [Part, open]);
    return Part ? <Part {...props} /> : null;
  };
}
