package bemble.app.room;

import bemble.app.guard.LongestBody;
import bemble.app.guard.PupilPort;
import bemble.app.guard.WholeBody;
import bemble.app.house.ClassGuard;
import bemble.app.once.RequestKeys;
import bemble.app.refusal.ErrorBodies;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The requests that pupils' devices may make: the page of a seat, its files, and the few addresses
 * behind it. Nothing else of Bemble is there for them, whatever headers a request has. Only seats
 * have more than a small share of the workers.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class PupilGuard extends OncePerRequestFilter {
  private static final long LONGEST_BODY = 64 * 1024;

  /** A code and a name. */
  private static final long LONGEST_KNOCK = 1024;

  /** An address as it is sent, with nothing in it that would have to be decoded. */
  private record Place(String method, Pattern address, boolean seatOnly) {
    static Place of(String method, String address, boolean seatOnly) {
      return new Place(method, Pattern.compile(address), seatOnly);
    }
  }

  private static final List<Place> PLACES =
      List.of(
          Place.of("GET", "/room", false),
          Place.of("GET", "/room/assets/[A-Za-z0-9_-][A-Za-z0-9_-]*(\\.[A-Za-z0-9_-]+)+", false),
          Place.of("POST", "/room/knocks", false),
          Place.of("GET", "/room/seat", true),
          Place.of("POST", "/room/seat/(stuck|next)", true),
          Place.of("GET", "/room/pages/[0-9]{1,18}(/report)?", true),
          Place.of("POST", "/room/pages/[0-9]{1,18}/(strokes|hand-in|hint)", true));

  private static final Pattern QUERY = Pattern.compile("known=[0-9]{1,18}");

  private final PupilPort port;

  /** Asked for when there is a request: the data file is opened after the port. */
  private final ObjectProvider<Rooms> rooms;

  private final Floods floods = new Floods();
  private final WholeBody bodies = new WholeBody();

  PupilGuard(PupilPort port, ObjectProvider<Rooms> rooms) {
    this.port = port;
    this.rooms = rooms;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !port.hasLetIn(request);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<Place> place = place(request);
    if (place.isEmpty() || !isForThisRoom(request) || isKeyed(request)) {
      // A stranger who tries addresses learns nothing by it.
      response.setStatus(HttpStatus.NOT_FOUND.value());
      return;
    }
    if (!request.getRequestURI().startsWith("/room/assets/")) {
      response.setHeader("Cache-Control", "no-store");
    }
    Optional<String> seat = token(request).flatMap(token -> rooms.getObject().opens(token));
    if (seat.isEmpty()) {
      // Connections that are kept are for those who write.
      response.setHeader("Connection", "close");
    }
    if (place.get().seatOnly() && seat.isEmpty()) {
      ErrorBodies.turnAway(response, HttpStatus.UNAUTHORIZED, "no-seat");
    } else if (!LongestBody.turnsAway(
        request, response, seat.isPresent() ? LONGEST_BODY : LONGEST_KNOCK)) {
      String asker = seat.orElse(request.getRemoteAddr());
      try (Floods.Turn turn = floods.turn(asker, seat.isPresent())) {
        if (turn.isGranted()) {
          pass(request, response, chain, asker);
        } else {
          tooOften(response);
        }
      }
    }
  }

  private void pass(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain, String asker)
      throws ServletException, IOException {
    HttpServletRequest whole;
    try {
      whole = bodies.of(request, asker, request.getContentLength());
    } catch (WholeBody.TooManyException e) {
      tooOften(response);
      return;
    } catch (SocketTimeoutException e) {
      response.setHeader("Connection", "close");
      ErrorBodies.turnAway(response, HttpStatus.REQUEST_TIMEOUT, "too-slow");
      return;
    }
    chain.doFilter(whole, response);
  }

  private static void tooOften(HttpServletResponse response) throws IOException {
    response.setHeader("Retry-After", "1");
    ErrorBodies.turnAway(response, HttpStatus.TOO_MANY_REQUESTS, "too-often");
  }

  private static Optional<Place> place(HttpServletRequest request) {
    String query = request.getQueryString();
    if (query != null && !QUERY.matcher(query).matches()) {
      return Optional.empty();
    }
    String address = request.getRequestURI();
    return PLACES.stream()
        .filter(place -> place.method().equals(request.getMethod()))
        .filter(place -> place.address().matcher(address).matches())
        .findFirst();
  }

  /** Whether it is meant for the room that is open, and comes from its own page or from none. */
  private boolean isForThisRoom(HttpServletRequest request) {
    Optional<String> host = port.host();
    List<String> named = Collections.list(request.getHeaders("Host"));
    if (host.isEmpty() || named.size() != 1 || !named.get(0).equals(host.get())) {
      return false;
    }
    String origin = request.getHeader("Origin");
    String own = (port.isEncrypted() ? "https://" : "http://") + host.get();
    boolean isPage = request.getRequestURI().equals("/room");
    String site = request.getHeader("Sec-Fetch-Site");
    boolean isOwn = site == null || site.equals("same-origin") || site.equals("none");
    return (origin == null || origin.equals(own)) && (isPage || isOwn);
  }

  /** Whether a request carries a key of the teacher's screens, which have no place on this port. */
  private static boolean isKeyed(HttpServletRequest request) {
    return request.getHeader(RequestKeys.HEADER) != null
        || request.getHeader(ClassGuard.HEADER) != null;
  }

  private static Optional<String> token(HttpServletRequest request) {
    return Optional.ofNullable(request.getHeader("Authorization"))
        .filter(header -> header.startsWith(Rooms.BEARER))
        .map(header -> header.substring(Rooms.BEARER.length()));
  }
}
