<?php

declare(strict_types=1);

namespace Runel\Method;

/** A family whose problems had another job first: what was kept without naming one, before it came, opens in that. */
interface CameLater {}
