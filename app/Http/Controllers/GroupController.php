<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Away;
use App\Kept\Named;
use App\Learners\GroupRecord;
use App\Learners\Learners;
use App\Models\LearnerGroup;
use App\Page\PageFace;
use App\Style\NamedStyles;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** Learners who are taught together: who needs what, which slips are common, what to teach next. */
final readonly class GroupController
{
    public function __construct(
        private Learners $learners,
        private PageFace $page,
        private NamedStyles $styles,
        private HouseStyle $style,
    ) {}

    public function store(Request $request): RedirectResponse
    {
        try {
            $group = $this->learners->addGroup($request->input('name'));
        } catch (Refusal $refusal) {
            return Away::to('learners')->with('refused', $this->page->plain($refusal->reason));
        }

        return Away::to('groups.show', ['group' => $group->id]);
    }

    public function show(LearnerGroup $group): Response
    {
        return response()->view('learners.group', [
            'record' => GroupRecord::of($group, Carbon::now()),
            'styles' => array_keys($this->styles->all()),
        ]);
    }

    public function rename(Request $request, LearnerGroup $group): RedirectResponse
    {
        $back = Away::to('groups.show', ['group' => $group->id]);
        try {
            $group->update(['name' => Named::of($request->input('name'))]);
        } catch (Refusal $refusal) {
            return $back->with('refused', $this->page->plain($refusal->reason));
        }

        return $back->with('notice', __('learner.is-changed'));
    }

    /** A house style for everybody in it. */
    public function restyle(Request $request, LearnerGroup $group): RedirectResponse
    {
        $style = $this->styles->given($request->input('restyle'), $this->style);
        if ($style !== null) {
            $this->learners->restyle($group, $style);
        }

        return Away::to('groups.show', ['group' => $group->id])->with('notice', __('style.given'));
    }

    /** The group goes, its learners stay. */
    public function remove(LearnerGroup $group): RedirectResponse
    {
        $group->delete();

        return Away::to('learners')->with('notice', __('learner.group-removed'));
    }
}
