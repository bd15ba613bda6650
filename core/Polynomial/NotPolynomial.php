<?php

declare(strict_types=1);

namespace Runel\Polynomial;

/** The expression is not a polynomial: a letter under a line, under a root or in an exponent. */
final class NotPolynomial extends \DomainException {}
