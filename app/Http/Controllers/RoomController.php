<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Faces\Spoken;
use App\Http\Away;
use App\Learners\Records;
use App\Models\LearnerGroup;
use App\Models\LiveRoom;
use App\Page\PageFace;
use App\Slates\Reach;
use App\Slates\SlateAnswers;
use App\Slates\Slates;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** The tutor's side of a live room: what is asked, who has answered what, and what the projector shows. */
final readonly class RoomController
{
    public function __construct(
        private Slates $slates,
        private SlateAnswers $answers,
        private Reach $reach,
        private PageFace $page,
    ) {}

    /** A board asks the room: the one that is open, or a new one. */
    public function ask(Request $request): RedirectResponse
    {
        $given = Given::of($request->all());
        parse_str($given->text('board', 8000), $parts);
        try {
            $room = $this->slates->ask(
                $parts,
                $given->said('group'),
                $given->isOn('lines') ? Slates::LINES : Slates::STEP,
            );
        } catch (Refusal $refusal) {
            return Away::to('rooms')->with('refused', $this->page->plain($refusal->reason));
        }

        return Away::to('rooms.desk', ['room' => $room->id]);
    }

    /** The room that is open, or how one is opened. */
    public function index(): Response|RedirectResponse
    {
        $room = $this->slates->current();
        // What was to be said is said where one arrives.
        session()->reflash();

        return $room === null
            ? response()->view('live-room.none')
            : Away::to('rooms.desk', ['room' => $room->id]);
    }

    public function desk(Request $request, LiveRoom $room): Response
    {
        return response()->view('live-room.desk', $this->parts($request, $room));
    }

    /** What has been heard since; nothing where nothing has. */
    public function heard(Request $request, LiveRoom $room): Response
    {
        return self::isSeen($request, $room)
            ? response('', 204)
            : response()->view('live-room.heard', $this->parts($request, $room));
    }

    /** What the projector shows: never a name. */
    public function view(Request $request, LiveRoom $room): Response
    {
        return response()->view('live-room.view', $this->parts($request, $room));
    }

    public function shown(Request $request, LiveRoom $room): Response
    {
        return self::isSeen($request, $room)
            ? response('', 204)
            : response()->view('live-room.shown', $this->parts($request, $room));
    }

    public function change(Request $request, LiveRoom $room): RedirectResponse
    {
        $given = Given::of($request->all());
        $state = $given->text('state');
        $rule = $given->text('rule');
        $putUp = $given->typed('put-up');
        $changes = array_filter([
            'state' => \in_array($state, Slates::STATES, true) ? $state : null,
            'rule' => \in_array($rule, Slates::RULES, true) ? $rule : null,
        ], is_string(...));
        foreach (['at-once' => 'at_once', 'shows-board' => 'shows_board'] as $key => $column) {
            if ($given->has($key)) {
                $changes[$column] = $given->isOn($key);
            }
        }
        $group = $given->said('group');
        if ($group !== null && $room->group_id === null) {
            $changes['group_id'] = LearnerGroup::query()->find($group)?->id;
        }
        if ($putUp !== null) {
            $changes['put_up'] = $putUp === '' ? null : $this->answers->putUp($room, $putUp);
        }
        $this->slates->set($room, $changes);

        return Away::to('rooms.desk', ['room' => $room->id]);
    }

    /** The question after this one on the same board. */
    public function next(LiveRoom $room): RedirectResponse
    {
        $asked = $this->slates->asked($room);
        try {
            $this->slates->ask($asked === null ? [] : $asked->after());
        } catch (Refusal $refusal) {
            return Away::to('rooms.desk', ['room' => $room->id])
                ->with('refused', $this->page->plain($refusal->reason));
        }

        return Away::to('rooms.desk', ['room' => $room->id]);
    }

    /** What the learners of the room's group have written goes into their records. */
    public function record(LiveRoom $room, Records $records): RedirectResponse
    {
        $count = $this->answers->record($room, $records);

        return Away::to('rooms.desk', ['room' => $room->id])
            ->with('notice', trans_choice('slates.recorded', $count));
    }

    public function remove(LiveRoom $room, string $member): RedirectResponse
    {
        $this->slates->remove($room, $member);

        return Away::to('rooms.desk', ['room' => $room->id]);
    }

    public function close(LiveRoom $room): RedirectResponse
    {
        $this->slates->close($room);

        return Away::to('rooms')->with('notice', __('slates.is-over'));
    }

    private static function isSeen(Request $request, LiveRoom $room): bool
    {
        return $request->query('seen') === "$room->version.$room->heard";
    }

    /** @return array<string, mixed> */
    private function parts(Request $request, LiveRoom $room): array
    {
        $asked = $this->slates->asked($room);
        $problem = $this->slates->problem($room);
        $style = $asked?->board->address->style() ?? $problem?->address->style();
        if ($style !== null) {
            app(Spoken::class)->in($style);
        }
        $root = $this->reach->root($request);

        return [
            'room' => $room,
            'choices' => LearnerGroup::query()->orderBy('name')->get()->all(),
            'asked' => $asked,
            'groups' => $this->answers->groups($room),
            'members' => $this->slates->present($room),
            'answered' => $this->answers->who($room),
            'problem' => $problem,
            'works' => $problem === null ? [] : $this->answers->works($room),
            'address' => $root === null ? null : "$root/r/$room->code",
            'seen' => "$room->version.$room->heard",
        ];
    }
}
