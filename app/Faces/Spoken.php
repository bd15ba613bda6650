<?php

declare(strict_types=1);

namespace App\Faces;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Translation\Translator;
use Runel\Style\HouseStyle;

/** Answers a request in another house style than its address says: that of a learner's school, or of a board. */
final readonly class Spoken
{
    public function __construct(private Container $container, private Translator $translator) {}

    public function in(HouseStyle $style): void
    {
        $this->container->instance(HouseStyle::class, $style);
        $this->translator->setLocale(Faces::locale($style));
    }
}
