<?php

declare(strict_types=1);

namespace Runel\Notation\Box;

/** A piece of written mathematics: brackets and times signs already decided, nothing yet drawn. */
interface Box {}
