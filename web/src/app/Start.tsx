import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';

/** The first screen: the day, if there is a plan for it, otherwise the Desk. */
export function Start() {
  const navigate = useNavigate();
  const { data: today, error } = useQuery({ queryKey: ['plan', 'start'], queryFn: api.today });
  useEffect(() => {
    // A tab that was chosen while the answer was on its way stays open.
    if ((today || error) && location.pathname === '/') {
      void navigate(today?.planned ? '/plan/today' : '/desk', { replace: true });
    }
  }, [today, error, navigate]);
  return null;
}
