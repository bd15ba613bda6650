<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Example;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Runel\Expression\Limits;
use Runel\Message\Refusal;
use Runel\Problem\Problem;

/** A tutor's own problems on the shelf. */
final readonly class ExampleController
{
    /** More than this nobody finds again. */
    private const MOST = 200;

    public function store(Request $request): RedirectResponse
    {
        $kept = $request->validate(['problem' => ['required', 'string', 'max:' . Limits::LENGTH], 'note' => ['nullable', 'string', 'max:120']]);
        $problem = (string) $kept['problem'];
        $back = redirect()->route('bench', ['problem' => $problem]);
        try {
            Problem::read($problem);
        } catch (Refusal) {
            return $back;
        }
        if (Example::query()->count() >= self::MOST) {
            return $back->with('notice', __('ui.shelf-full', ['most' => self::MOST]));
        }
        Example::query()->create(['shelf' => __('ui.own-shelf'), 'problem' => $problem, 'note' => (string) ($kept['note'] ?? ''), 'position' => 10_000]);

        return $back->with('notice', __('ui.shelf-kept'));
    }

    public function destroy(Example $example): RedirectResponse
    {
        $example->delete();

        return redirect()->route('bench')->with('notice', __('ui.shelf-removed'));
    }
}
