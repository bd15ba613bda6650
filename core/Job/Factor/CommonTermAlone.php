<?php

declare(strict_types=1);

namespace Runel\Job\Factor;

use Runel\Algebra\CommonTerm;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Message\Message;
use Runel\Polynomial\Polynomial;
use Runel\Working\Known;
use Runel\Working\Outer;

/** What all terms have in common is taken out, and no way is known to what is left: 6x³y² − 9x²y³ + 3xy. */
final class CommonTermAlone extends SpecialStructure
{
    protected function look(Task $task, Polynomial $rest, Outer $outer): ?SeenStructure
    {
        $whole = Known::standardForm($task)?->whole;
        $isFit = $task->problem->node instanceof Expression && $whole !== null
            && !CommonTerm::of($whole)->isOne() && \count($rest->terms) > 2 && $rest->degree() > 1;

        return $isFit ? new SeenStructure([], [$rest], Message::of('structure.special.advice-common')) : null;
    }
}
