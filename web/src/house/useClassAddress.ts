import { useEffect, useRef } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import { api } from '../api/client';
import { isStillAt } from '../session/address';
import { useClassChange, useClasses } from '../session/classes';

/** Keeps the address and the current class together: an address that names a class chooses it. */
export function useClassAddress() {
  const { id } = useParams();
  const { key, pathname, search } = useLocation();
  const navigate = useNavigate();
  const { data: classes } = useClasses();
  const { mutate, isPending } = useClassChange();
  const taken = useRef('');
  const current = classes?.find((room) => room.current)?.id;
  useEffect(() => {
    if (!classes || isPending) {
      return;
    }
    const isNew = taken.current !== key;
    taken.current = key;
    const named = classes.find((room) => String(room.id) === id);
    if (isNew && named && !named.current) {
      mutate(() => api.chooseClass(named.id));
    } else if (current !== undefined && String(current) !== id && isStillAt({ pathname, search })) {
      void navigate(`/house/${current}`, { replace: true });
    }
  }, [classes, current, id, isPending, key, mutate, navigate, pathname, search]);
}
