<?php

declare(strict_types=1);

namespace App\Bench;

use App\Demonstrations\Demonstrations;
use App\Figures\Figures;
use App\Http\Address;
use Runel\Demonstration\Task;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** A few demonstrations to begin with on an empty bench, each with a picture from its middle. */
final readonly class Starters
{
    /** Job, method, problem, and the step whose picture is shown. */
    private const SCENES = [
        ['multiply', 'grid', '(3t^2 - 4t + 2)(t - 5)', 'collect-2'],
        ['factor', 'cross', '15p^2 - 7p - 4', 'trial-4'],
        ['multiply', 'by-degree', '(2x^2 + 3x + 4)(x + 6)', 'degree-2'],
        ['factor', 'product-grid', '10m^2 + 29m + 21', 'row-2'],
    ];

    public function __construct(private Demonstrations $demonstrations, private Figures $figures) {}

    /** @return list<array{job: string, method: string, problem: Problem, picture: string, address: string}> */
    public function all(HouseStyle $style): array
    {
        $starters = [];
        foreach (self::SCENES as [$job, $method, $typed, $wanted]) {
            $problem = Problem::read($typed);
            foreach ($this->demonstrations->of(new Task($problem, $style), $job, $method)->steps() as $step) {
                if ($step->id === $wanted && $step->figure !== null) {
                    $starters[] = ['job' => $job, 'method' => $method, 'problem' => $problem, 'picture' => $this->figures->svg($step->figure, $style), 'address' => Address::for($typed, $method, $style)->to('/board')];
                }
            }
        }

        return $starters;
    }
}
