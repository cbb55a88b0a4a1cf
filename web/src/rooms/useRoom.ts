import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api } from '../api/client';
import type { Room, Rooms, Seat } from '../api/types';

const ROOMS = ['rooms'];

/** The open room, as it is told moment by moment; without one, the settings to open one with. */
export function useRoom() {
  const queries = useQueryClient();
  const { data, error } = useQuery({ queryKey: ROOMS, queryFn: api.rooms });
  const id = data?.room?.id;

  useEffect(() => {
    if (id === undefined) {
      return;
    }
    const put = (change: (room: Room) => Room) =>
      queries.setQueryData<Rooms>(ROOMS, (all) =>
        all?.room ? { ...all, room: change(all.room) } : all,
      );
    const news = new EventSource('/api/rooms/open/news');
    news.addEventListener('room', ({ data: room }: MessageEvent<string>) =>
      put(() => JSON.parse(room) as Room),
    );
    news.addEventListener('seats', ({ data: seats }: MessageEvent<string>) =>
      put((room) => withSeats(room, JSON.parse(seats) as Seat[])),
    );
    news.addEventListener('closed', () => {
      news.close();
      void queries.invalidateQueries({ queryKey: ROOMS });
    });
    // Bemble has ended or was started anew, and does not tell of this room any more.
    news.addEventListener('error', () => {
      if (news.readyState === EventSource.CLOSED) {
        void queries.invalidateQueries({ queryKey: ROOMS });
      }
    });
    return () => news.close();
  }, [id, queries]);

  return {
    rooms: data,
    room: data?.room,
    error,
    /** Shows a room as it was answered. */
    set: (room: Room | undefined) =>
      queries.setQueryData<Rooms>(ROOMS, (all) => (all ? { ...all, room } : all)),
  };
}

/** Seats of which nothing is told stay the very ones they were, so that they are not drawn anew. */
export function withSeats(room: Room, news: Seat[]): Room {
  const fresh = new Map(news.map((seat) => [seat.id, seat]));
  const seats = room.seats.map((before) => {
    const now = fresh.get(before.id);
    return now ? withPaper(now, before) : before;
  });
  return { ...room, seats };
}

/** Keeps the printed paper of a page, of which only the writing changes. */
function withPaper(seat: Seat, before: Seat): Seat {
  const isSame = seat.page && seat.page.attempt === before.page?.attempt;
  return isSame && seat.page && before.page
    ? { ...seat, page: { ...seat.page, paper: before.page.paper } }
    : seat;
}
