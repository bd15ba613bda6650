<?php

declare(strict_types=1);

namespace Runel\Method;

/**
 * A family in which an equation with letters for numbers is done once every value is said, not only the one that is
 * meant.
 */
interface WantsEveryValue {}
