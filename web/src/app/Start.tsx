import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';

/** Where Bemble opens: with the day where anything is planned, otherwise at the Desk. */
export function Start() {
  const navigate = useNavigate();
  const { data: today, error } = useQuery({ queryKey: ['plan', 'start'], queryFn: api.today });
  useEffect(() => {
    // Whoever has turned a tab meanwhile stays there, although this is drawn until it has come.
    if ((today || error) && location.pathname === '/') {
      void navigate(today?.planned ? '/plan/today' : '/desk', { replace: true });
    }
  }, [today, error, navigate]);
  return null;
}
