<?php

declare(strict_types=1);

namespace Runel\Expression;

/** The expression has no exact rational value at the place asked for. */
final class NoExactValue extends \DomainException {}
