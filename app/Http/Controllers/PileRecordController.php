<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\HandedIn;
use App\Files\NoText;
use App\Http\Away;
use App\Kept\Writing;
use App\Learners\Learners;
use App\Learners\Records;
use App\Models\Learner;
use App\Pile\Pile;
use App\Pile\PileReader;
use App\Values\Given;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** A marked pile goes into the learners' records: names are matched, and the tutor confirms each before it is kept. */
final readonly class PileRecordController
{
    /** What the tutor may say of a piece, besides whose it is. */
    private const NOBODY = '';
    private const SOMEBODY_NEW = 'new';

    public function __construct(
        private Learners $learners,
        private Records $records,
        private Catalogue $catalogue,
        private HouseStyle $style,
        private Writing $writing,
    ) {}

    /** Whose is what? Nothing is kept yet. */
    public function ask(Request $request): Response|RedirectResponse
    {
        try {
            [$text, $pile] = $this->pile($request);
        } catch (NoText) {
            return Away::to('marking');
        }
        $matched = [];
        foreach ($pile->pieces as $place => $piece) {
            $matched[$place] = $piece->piece->learner === ''
                ? null
                : Learners::named($piece->piece->learner)?->id;
        }

        return response()->view('learners.confirm', [
            'text' => $text,
            'common' => self::text($request, 'common'),
            'pile' => $pile,
            'matched' => $matched,
            'learners' => $this->learners->all(),
        ]);
    }

    public function keep(Request $request): RedirectResponse
    {
        try {
            [, $pile] = $this->pile($request);
        } catch (NoText) {
            return Away::to('marking');
        }
        $whose = Given::of($request->all())->list('whose');
        $kept = $this->writing->whole(function () use ($pile, $whose): int {
            $kept = 0;
            foreach ($pile->pieces as $place => $piece) {
                $learner = $this->learner($whose[$place] ?? self::NOBODY, $piece->piece->learner);
                if ($learner !== null && $this->records->piece($learner, $piece) !== null) {
                    ++$kept;
                }
            }

            return $kept;
        });

        return Away::to('learners')->with('notice', trans_choice('learner.pile-kept', $kept));
    }

    /** Whoever the tutor chose; somebody new is added once, however many pieces are theirs. */
    private function learner(mixed $chosen, string $name): ?Learner
    {
        if ($chosen !== self::SOMEBODY_NEW) {
            return \is_string($chosen) && $chosen !== self::NOBODY ? Learner::query()->find($chosen) : null;
        }
        try {
            return Learners::named($name) ?? $this->learners->add($name, $this->style, null);
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * @return array{string, Pile}
     *
     * @throws NoText
     */
    private function pile(Request $request): array
    {
        $handedIn = HandedIn::of($request);
        $pieces = PileReader::pieces($handedIn, self::text($request, 'common'));

        return [$handedIn->text, Pile::asked($request, $pieces, $this->style, $this->catalogue)];
    }

    private static function text(Request $request, string $key): string
    {
        return Given::of($request->all())->text($key, 400);
    }
}
