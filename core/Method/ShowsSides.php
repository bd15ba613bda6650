<?php

declare(strict_types=1);

namespace Runel\Method;

/** A family whose problems are two sides that are shown to be the same: each is worked by itself until they meet. */
interface ShowsSides {}
