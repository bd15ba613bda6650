<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Message\Message;

/** What is offered among the special forms, whatever powers it is seen in. */
abstract class SpecialStructure extends StructureMethod
{
    final public function id(): string
    {
        return 'special';
    }

    final protected function refused(): Message
    {
        return Message::of('special-form.refusal');
    }
}
