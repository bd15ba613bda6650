<?php

declare(strict_types=1);

namespace Tests\Golden;

use Illuminate\Translation\Translator;

/** A translator that remembers which words were asked for. */
final class Overheard extends Translator
{
    /** @var array<string, true> by key */
    public array $said = [];

    public function get($key, array $replace = [], $locale = null, $fallback = true): string|array
    {
        $this->said[$key] = true;

        return parent::get($key, $replace, $locale, $fallback);
    }
}
