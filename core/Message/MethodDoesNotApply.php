<?php

declare(strict_types=1);

namespace Runel\Message;

/** The method exists but does not fit this problem. */
final class MethodDoesNotApply extends Refusal
{
    public function code(): string
    {
        return 'method-does-not-apply';
    }
}
