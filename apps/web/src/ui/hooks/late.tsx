import { useDeferredValue, useEffect, useState, type ComponentType, type ReactNode } from 'react';

/**
 * A component in a piece of the program of its own, with its room kept free until it has come. Not React's own way of
 * waiting: that hides what stands beside what waits, takes the focus from it, and shows nothing for a third of a second
 * after it last waited.
 * @param room what stands there until then
 * @param isUrgent true for what the page is opened for; anything else is drawn bit by bit when there is time, and a key
 * or a tap in between is answered
 */
export function late<P extends object>(
  load: () => Promise<ComponentType<P>>,
  room?: ReactNode | ((props: P) => ReactNode),
  isUrgent = false,
): ComponentType<P> {
  let come: ComponentType<P> | undefined;
  return function Late(props: P) {
    const [found, setFound] = useState(() => come);
    useEffect(() => {
      if (found) return undefined;
      let isHere = true;
      void load().then((component) => {
        come = component;
        if (isHere) setFound(() => component);
      });
      return () => {
        isHere = false;
      };
    }, [found]);
    const calm = useDeferredValue<ComponentType<P> | undefined>(found, undefined);
    const Shown = isUrgent ? found : calm;
    if (Shown) return <Shown {...props} />;
    return typeof room === 'function' ? room(props) : room;
  };
}
