<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Tutor;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Str;

/** The one passphrase behind which lessons and learners are kept. */
final readonly class Passphrase
{
    /** In signs; length is what makes it hard to guess. */
    public const SHORTEST = 10;
    /** In bytes: what is beyond it the hash would not look at. */
    public const LONGEST = 72;

    public function __construct(private Hasher $hasher) {}

    public function isSet(): bool
    {
        return Tutor::query()->exists();
    }

    /**
     * The first one: only where there is none yet, also when two ask at once.
     *
     * @return Tutor|null null where there is one already
     */
    public function first(string $passphrase): ?Tutor
    {
        $tutor = new Tutor(['passphrase' => $passphrase]);
        // One row, whoever comes first.
        $tutor->id = 1;
        try {
            $tutor->save();
        } catch (UniqueConstraintViolationException) {
            return null;
        }

        return $tutor->refresh();
    }

    /** Another one, or the same hashed anew: whoever is signed in with the old hash anywhere is signed out. */
    public function change(Tutor $tutor, string $passphrase): void
    {
        $tutor->passphrase = $passphrase;
        $tutor->setRememberToken(Str::random(60));
        $tutor->save();
    }

    public function isRight(Tutor $tutor, string $passphrase): bool
    {
        return $this->hasher->check($passphrase, $tutor->passphrase);
    }

    /** Whether it can be one. */
    public static function fits(string $passphrase): bool
    {
        return mb_strlen($passphrase) >= self::SHORTEST && \strlen($passphrase) <= self::LONGEST;
    }
}
