<?php

declare(strict_types=1);

namespace Runel\Job;

use Runel\Job\CompleteSquare\CompleteSquareFamily;
use Runel\Job\Divide\DivideFamily;
use Runel\Job\Factor\FactorFamily;
use Runel\Job\Multiply\MultiplyFamily;
use Runel\Job\Rearrange\RearrangeFamily;
use Runel\Job\Show\ShowFamily;
use Runel\Job\Simplify\SimplifyFamily;
use Runel\Job\Solve\SolveFamily;
use Runel\Ladder\Ladders;
use Runel\Method\Catalogue;
use Runel\Method\Families;
use Runel\Method\Incidents;

/** Every job, one line each, and what each is handed of the others. */
final class Jobs
{
    public static function all(): Families
    {
        $multiplying = new MultiplyFamily();
        $factoring = new FactorFamily($multiplying);
        $simplifying = new SimplifyFamily();

        return new Families([
            $multiplying,
            $factoring,
            new SolveFamily($factoring),
            new CompleteSquareFamily(),
            new DivideFamily($multiplying),
            new RearrangeFamily(),
            new ShowFamily($simplifying),
            $simplifying,
        ]);
    }

    /** What can be practised. */
    public static function ladders(): Ladders
    {
        return self::all()->ladders();
    }

    public static function catalogue(?Incidents $incidents = null): Catalogue
    {
        return new Catalogue(self::all(), $incidents);
    }
}
