<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Sets;
use App\Demonstrations\Demonstrations;
use App\Files\HandedIn;
use App\Files\NoText;
use App\Http\Away;
use App\Sets\Against;
use App\Sets\Imported;
use App\Sets\KeptSets;
use App\Sets\LadderPicture;
use App\Sets\ProblemSet;
use App\Sets\SetFile;
use App\Sets\SetQuery;
use App\Sets\SetSheet;
use App\Shelf\ShelfUnavailable;
use App\Values\Given;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Job\Jobs;
use Runel\Ladder\Chance;
use Runel\Ladder\Ladder;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Slip\Slip;
use Runel\Style\HouseStyle;

/** Sets of problems: made, looked at, changed, kept, on paper and in files. A set not kept is all in its address. */
final readonly class SetController
{
    public function __construct(
        private Catalogue $catalogue,
        private Chance $chance,
        private Demonstrations $demonstrations,
        private KeptSets $kept,
        private HouseStyle $style,
    ) {}

    public function show(Request $request, Against $against): Response|RedirectResponse
    {
        $asked = Given::of($request->query());
        $slip = Slip::tryFrom($asked->text('against'));
        if ($slip !== null) {
            $pick = $against->pick($slip, $asked->text('job'));
            if ($pick === []) {
                return Away::to('sets')->with('notice', __('sets.against-none'));
            }

            return Away::to('sets', $pick);
        }
        $query = SetQuery::of($request->query->all());
        try {
            $set = $this->set($query);
            $refused = null;
        } catch (Refusal $refusal) {
            [$set, $refused] = [null, $refusal->reason];
        }

        return $this->page($request, $query, $set, $refused);
    }

    /** The ladder of one skill, with an example on each rung. */
    public function ladder(Request $request): View
    {
        $asked = $request->query('show');

        return view('sets-room.ladder', [
            'query' => SetQuery::of($request->query->all()),
            'ladder' => LadderPicture::of(self::shown($asked), $this->catalogue, $this->chance, $this->style),
        ]);
    }

    /** @throws Refusal when there is no such set */
    public function sheet(Request $request): View
    {
        $query = SetQuery::of($request->query->all());
        $text = Given::of($request->query())->text(...);

        return view('sets-room.sheet', [
            'set' => $this->set($query),
            'sheet' => SetSheet::of($text('key'), $text('fade')),
        ]);
    }

    /** @throws Refusal when there is no such set */
    public function file(Request $request, SetFile $file, string $extension): Response
    {
        $set = $this->set(SetQuery::of($request->query->all()));

        return response($file->write($set->items, $extension, $this->style, $set->query), 200, [
            'Content-Type' => SetFile::FORMATS[$extension] . ($extension === 'zip' ? '' : '; charset=UTF-8'),
            'Content-Disposition' => "attachment; filename=\"runel-set.$extension\"",
        ]);
    }

    public function api(Request $request, Sets $sets): JsonResponse
    {
        $answer = $request->query->has('skills')
            ? $sets->skills()
            : $sets->answer($request->query->all(), $this->style);

        return response()->json(
            $answer,
            isset($answer['error']) ? 422 : 200,
            options: \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }

    public function keep(Request $request): RedirectResponse
    {
        $given = Given::of($request->all());
        parse_str($given->text('set', 20_000), $parts);
        $query = SetQuery::of($parts);
        $name = $given->text('name') !== '' ? $given->text('name') : (string) __('sets.unnamed');
        try {
            $id = $this->kept->keep($name, $query->seed, $this->set($query)->items);
        } catch (Refusal | ShelfUnavailable) {
            return Away::to('sets', $query->parts())->with('notice', __('sets.not-kept'));
        }

        return $id === null
            ? Away::to('sets', $query->parts())->with('notice', __('sets.full', [
                'most' => KeptSets::MOST,
            ]))
            : Away::to('sets', ['kept' => $id])->with('notice', __('sets.is-kept'));
    }

    public function remove(int $set): RedirectResponse
    {
        try {
            $this->kept->remove($set);
        } catch (ShelfUnavailable) {
            return Away::to('sets')->with('notice', __('sets.not-kept'));
        }

        return Away::to('sets')->with('notice', __('sets.removed'));
    }

    /** Problems typed elsewhere: a plain list, a table or a set of ours. */
    public function import(Request $request): Response|RedirectResponse
    {
        try {
            $imported = Imported::of(HandedIn::of($request));
        } catch (NoText $refused) {
            return $this->page($request, SetQuery::of([]), null, $refused->reason, 422);
        }

        return Away::to('sets', SetQuery::of(['own' => $imported])->parts());
    }

    /** @throws Refusal */
    private function set(SetQuery $query): ProblemSet
    {
        if ($query->kept !== null) {
            try {
                $kept = $this->kept->find($query->kept) ?? abort(404);
            } catch (ShelfUnavailable) {
                abort(503);
            }

            return ProblemSet::kept(
                $query,
                $kept->name,
                $kept->tasks,
                $this->style,
                $this->catalogue,
                $this->demonstrations,
            );
        }

        return ProblemSet::made($query, $this->style, $this->catalogue, $this->chance, $this->demonstrations);
    }

    private function page(
        Request $request,
        SetQuery $query,
        ?ProblemSet $set,
        ?Message $refused,
        int $status = 200,
    ): Response {
        $asked = $request->query('show');
        try {
            $kept = $this->kept->all();
        } catch (ShelfUnavailable) {
            $kept = null;
        }

        return response()->view('sets-room.page', [
            'query' => $query,
            'set' => $set,
            'refused' => $refused,
            'kept' => $kept,
            'ladder' => LadderPicture::of(
                self::shown($asked, $query->picks[0]->skill ?? null),
                $this->catalogue,
                $this->chance,
                $this->style,
            ),
        ], $refused === null ? $status : 422);
    }

    /** The ladder that is looked at: of the first skill named that there is. */
    private static function shown(mixed ...$skills): Ladder
    {
        $ladders = Jobs::ladders();
        foreach ($skills as $skill) {
            $ladder = \is_string($skill) ? $ladders->find($skill) : null;
            if ($ladder !== null) {
                return $ladder;
            }
        }

        return $ladders->all[0];
    }
}
