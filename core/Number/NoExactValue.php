<?php

declare(strict_types=1);

namespace Runel\Number;

/**
 * Something has no value that the field asked for can hold: a letter without a value, a root that does not come out.
 */
final class NoExactValue extends \DomainException {}
