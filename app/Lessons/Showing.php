<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Demonstrations\Demonstrations;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Demonstration\TaskReference;
use Runel\Ladder\Difficulty;
use Runel\Lesson\Pace;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Practice\Belonging;
use Runel\Style\HouseStyle;

/** What an item needs to be shown: its problem demonstrated in the lesson's style, and the tutor's pace. */
final readonly class Showing
{
    public function __construct(
        private Demonstrations $demonstrations,
        private Catalogue $catalogue,
        private HouseStyle $style,
        public Pace $pace,
    ) {}

    /** @throws Refusal */
    public function demonstration(TaskReference $task): Demonstration
    {
        return $this->demonstrations->of(
            new Task($task->problem(), $this->style, $task->choices),
            $task->job,
            $task->method,
        );
    }

    /** @return list<Difficulty> */
    public function traits(Demonstration $demonstration): array
    {
        return Belonging::of($demonstration, $this->catalogue)->traits;
    }
}
