<?php

declare(strict_types=1);

namespace App\Kept;

/** What somebody wants to change has been changed in another window since it was shown here. */
final class ChangedElsewhere extends \RuntimeException {}
