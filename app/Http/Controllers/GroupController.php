<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Away;
use App\Kept\Named;
use App\Learners\GroupRecord;
use App\Learners\Learners;
use App\Models\LearnerGroup;
use App\Page\PageFace;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Runel\Message\Refusal;

/** Learners who are taught together: who needs what, which slips are common, what to teach next. */
final readonly class GroupController
{
    public function __construct(private Learners $learners, private PageFace $page) {}

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
        return response()->view('learners.group', ['record' => GroupRecord::of($group, Carbon::now())]);
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

    /** The group goes, its learners stay. */
    public function remove(LearnerGroup $group): RedirectResponse
    {
        $group->delete();

        return Away::to('learners')->with('notice', __('learner.group-removed'));
    }
}
