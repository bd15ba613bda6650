<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Away;
use App\Http\Requests\KeepExampleRequest;
use App\Shelf\Shelf;
use App\Shelf\ShelfUnavailable;
use Illuminate\Http\RedirectResponse;
use Runel\Job\Jobs;
use Runel\Message\Refusal;

/** A tutor's own problems on the shelf. What was typed comes back, whatever becomes of the shelf. */
final readonly class ExampleController
{
    public function __construct(private Shelf $shelf) {}

    public function store(KeepExampleRequest $request): RedirectResponse
    {
        $reference = $request->reference();
        try {
            // It opens in the job it has today, whatever comes later.
            $today = $reference->job ?? Jobs::catalogue()->opensIn($reference->task());
            $named = $today === null ? $reference : $reference->in($today);
            $kept = $this->shelf->keep($named, $request->note());
        } catch (Refusal) {
            return self::toBench($reference->problem);
        } catch (ShelfUnavailable) {
            return self::toBench($reference->problem, 'ui.shelf-not-written');
        }

        return self::toBench($reference->problem, $kept ? 'ui.shelf-kept' : 'ui.shelf-full');
    }

    public function destroy(int $example): RedirectResponse
    {
        try {
            $this->shelf->remove($example);
        } catch (ShelfUnavailable) {
            return self::toBench('', 'ui.shelf-not-written');
        }

        return self::toBench('', 'ui.shelf-removed');
    }

    /** @param string|null $notice the key of what is said there */
    private static function toBench(string $problem, ?string $notice = null): RedirectResponse
    {
        $back = Away::to('bench', $problem === '' ? [] : ['problem' => $problem]);

        return $notice === null
            ? $back
            : $back->with('notice', __($notice, ['most' => config()->integer('runel.shelf')]));
    }
}
