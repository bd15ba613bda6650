<?php

declare(strict_types=1);

namespace Runel\Slip;

/** A wrong rule of factoring: only a line written as a product can come from it. */
interface FactoringRule extends WrongRule {}
