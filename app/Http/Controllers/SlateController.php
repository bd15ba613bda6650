<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Guessing;
use App\Access\ShortCode;
use App\Faces\Spoken;
use App\Http\Part;
use App\Models\LiveRoom;
use App\Models\RoomMember;
use App\Page\PageFace;
use App\Slates\SlateAnswers;
use App\Slates\Slates;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Symfony\Component\HttpFoundation\Cookie;

/** A learner's side of a live room: the question that is open now, a place to answer it, and nothing else. */
final readonly class SlateController
{
    private const COOKIE = 'runel_slate';
    private const HOURS = 4;

    public function __construct(private Slates $slates, private SlateAnswers $answers, private Guessing $guessing) {}

    /** Where the five letters are typed. */
    public function door(Request $request): Response|RedirectResponse
    {
        $typed = Given::of($request->query())->text('code', 20);
        $code = ShortCode::read($typed);

        return match (true) {
            $code !== null => redirect("/r/$code"),
            $typed === '' => self::closed(null),
            default => self::closed(Message::of('slates.no-room'), 404),
        };
    }

    public function show(Request $request, string $code): Response
    {
        $room = $this->room($request, $code);
        if (!$room instanceof LiveRoom) {
            return $room;
        }
        $token = self::token($request);
        $response = $this->page($request, $room, $this->slates->member($room, $token));

        return $token === '' ? $response->withCookie($this->cookie($request)) : $response;
    }

    /** What is new since; nothing where nothing is. */
    public function state(Request $request, string $code): Response
    {
        $room = $this->slates->found($code);
        $member = $room === null ? null : $this->slates->member($room, self::token($request));
        if ($room !== null && $member !== null && $request->query('seen') === (string) $room->version) {
            return response('', 204);
        }
        if ($room === null || $member === null) {
            // The room is over, or the door closed: the page is asked for again.
            return response('', 205);
        }

        return $this->part($request, $room, $member, null, null);
    }

    public function join(Request $request, string $code): Response|RedirectResponse
    {
        $room = $this->room($request, $code);
        if (!$room instanceof LiveRoom) {
            return $room;
        }
        $given = Given::of($request->all());
        $token = self::token($request);
        $cookie = $token === '' ? $this->cookie($request) : null;
        try {
            $this->slates->join($room, $token === '' ? (string) $cookie?->getValue() : $token, $given->text(
                'name',
                200,
            ), $given->text('learner', 26));
        } catch (Refusal $refusal) {
            return $this->page($request, $room, null, $refusal->reason, $given->text('name', 80));
        }
        $away = redirect("/r/$room->code", 303);

        return $cookie === null ? $away : $away->withCookie($cookie);
    }

    public function answer(Request $request, string $code): Response|RedirectResponse
    {
        $room = $this->room($request, $code);
        if (!$room instanceof LiveRoom) {
            return $room;
        }
        $member = $this->slates->member($room, self::token($request));
        if ($member === null) {
            return redirect("/r/$room->code", 303);
        }
        $given = Given::of($request->all());
        $typed = $given->text('answer', SlateAnswers::LONGEST + 1);
        $refused = null;
        $this->speak($room);
        try {
            if ($room->kind === Slates::LINES) {
                $isBack = $given->text('do') === 'back';
                $this->answers->write($room, $member, $isBack ? null : $typed, $given->number('number', 6) ?? 0);
            } else {
                $this->answers->answer($room, $member, $typed, $given->number('number', 6) ?? 0, app(PageFace::class));
            }
        } catch (Refusal $refusal) {
            $refused = $refusal->reason;
        }
        if (!Part::isAsked($request) && $refused === null) {
            return redirect("/r/$room->code", 303);
        }

        return Part::isAsked($request)
            ? $this->part($request, $room, $member, $refused, $refused === null ? null : $typed)
            : $this->page($request, $room, $member, $refused, $typed);
    }

    /** @return LiveRoom|Response the room, or what is said where there is none */
    private function room(Request $request, string $code): LiveRoom|Response
    {
        if ($this->guessing->isTired($request->ip())) {
            return self::closed(Message::of('slates.too-many-guesses'), 429);
        }
        $room = $this->slates->found($code);
        if ($room === null) {
            $this->guessing->missed($request->ip());

            return self::closed(Message::of('slates.no-room'), 404);
        }

        return $room;
    }

    private static function closed(?Message $said, int $status = 200): Response
    {
        return response()->view('live-room.door', ['said' => $said], $status, ['Cache-Control' => 'no-store, private']);
    }

    private function page(
        Request $request,
        LiveRoom $room,
        ?RoomMember $member,
        ?Message $refused = null,
        string $typed = '',
    ): Response {
        $this->speak($room);

        return response()->view('live-room.slate', $this->parts($room, $member) + [
            'refused' => $refused,
            'typed' => $typed,
            'learners' => $room->group?->learners()->get()->all() ?? [],
        ], $refused === null ? 200 : 422, ['Cache-Control' => 'no-store, private']);
    }

    private function part(
        Request $request,
        LiveRoom $room,
        RoomMember $member,
        ?Message $refused,
        ?string $typed,
    ): Response {
        $this->speak($room);

        return response()->view('live-room.question', $this->parts($room, $member) + [
            'refused' => $refused,
            'typed' => $typed ?? '',
        ], 200, ['Cache-Control' => 'no-store, private']);
    }

    /** @return array<string, mixed> */
    private function parts(LiveRoom $room, ?RoomMember $member): array
    {
        $problem = $this->slates->problem($room);
        $answered = $member === null || $problem !== null ? null : $this->answers->answered($room, $member);
        $isTold = $room->at_once || $room->state === 'told';

        return [
            'room' => $room,
            'member' => $member,
            'asked' => $this->slates->asked($room),
            'problem' => $problem,
            'work' => $member === null || $problem === null ? null : $this->answers->work($room, $member),
            'answered' => $answered,
            'verdict' => $answered === null || !$isTold ? null : $this->answers->verdict($room, $answered),
        ];
    }

    /** In the words of the board that asks. */
    private function speak(LiveRoom $room): void
    {
        $style = $this->slates->asked($room)?->board->address->style()
            ?? $this->slates->problem($room)?->address->style();
        if ($style !== null) {
            app(Spoken::class)->in($style);
        }
    }

    private static function token(Request $request): string
    {
        $token = $request->cookies->get(self::COOKIE);

        return \is_string($token) && preg_match('/^[0-9a-f]{32}$/', $token) === 1 ? $token : '';
    }

    private function cookie(Request $request): Cookie
    {
        return Cookie::create(self::COOKIE, bin2hex(random_bytes(16)), time() + self::HOURS * 3600, '/r')
            ->withSecure($request->isSecure())
            ->withHttpOnly()
            ->withSameSite(Cookie::SAMESITE_LAX);
    }
}
