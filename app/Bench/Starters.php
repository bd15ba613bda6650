<?php

declare(strict_types=1);

namespace App\Bench;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use Runel\Demonstration\TaskReference;
use Runel\Message\Refusal;
use Runel\Style\HouseStyle;

/** A few demonstrations to begin with on an empty bench, each with a picture from its middle. */
final readonly class Starters
{
    /** Job, method, problem, and the step whose picture is shown. */
    private const SCENES = [
        ['multiply', 'grid', '(3t^2 - 4t + 2)(t - 5)', 'collect-2'],
        ['factor', 'cross', '15p^2 - 7p - 4', 'trial-4'],
        ['solve', 'balance', '5x + 2 = 2x + 11', 'gather'],
        ['divide', 'synthetic', '(2x^3 - 3x^2 - 8x + 12)/(x - 2)', 'multiply-2'],
    ];

    public function __construct(private Demonstrations $demonstrations) {}

    /** @return list<Starter> one that cannot be shown is left out */
    public function all(HouseStyle $style): array
    {
        $starters = [];
        foreach (self::SCENES as [$job, $method, $typed, $wanted]) {
            $reference = new TaskReference($typed, $job, $method, $style);
            try {
                $demonstration = $this->demonstrations->of($reference->task(), $job, $method);
            } catch (Refusal) {
                continue;
            }
            foreach ($demonstration->steps() as $step) {
                if ($step->id === $wanted && $step->figure !== null) {
                    $starters[] = new Starter(
                        $demonstration->job,
                        $method,
                        $demonstration->task->problem,
                        $step->figure,
                        Address::for($reference)->to('board'),
                    );
                }
            }
        }

        return $starters;
    }
}
