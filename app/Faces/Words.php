<?php

declare(strict_types=1);

namespace App\Faces;

use Illuminate\Contracts\Translation\Translator;

/** Whether there are words under a key, for what is said only where somebody has written it. */
final readonly class Words
{
    public function __construct(private Translator $translator) {}

    public function has(string $key): bool
    {
        $words = $this->translator->get($key);

        return \is_string($words) && $words !== $key;
    }
}
