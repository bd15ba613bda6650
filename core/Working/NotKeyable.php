<?php

declare(strict_types=1);

namespace Runel\Working;

/** There is no key for it, or a display could not show it. */
final class NotKeyable extends \RuntimeException {}
