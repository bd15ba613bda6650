<?php

declare(strict_types=1);

namespace Runel\Proof;

/** The work that was granted is used up before the end was reached. */
final class OutOfEffort extends \RuntimeException {}
