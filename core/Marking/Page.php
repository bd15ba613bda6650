<?php

declare(strict_types=1);

namespace Runel\Marking;

use Runel\Algebra\LetteredQuadratic;
use Runel\Demonstration\Task;
use Runel\Expression\Expression;
use Runel\Expression\Letters;
use Runel\Expression\Node;
use Runel\Method\Catalogue;
use Runel\Method\Family;
use Runel\Proof\Effort;
use Runel\Proof\Proof;

/** A page of somebody's work while it is judged: the problem, what is known of it, and how far the work has come. */
final class Page
{
    public readonly Proof $proof;
    public readonly Following $following;
    public readonly ?DivisionRows $rows;
    public readonly NumberRows $numbers;
    public readonly SlipPlace $place;
    public readonly Worked $worked;
    public LineReader $reader;
    public Trail $trail;
    /** @var array<string, Expression> what letters of the learner's own stand for */
    public array $standing = [];
    /** @var array<int, true> the gaps whose solutions have been said, rounded */
    public array $metGaps = [];
    /** Whether solutions have been numbered on the line: x1 = 3. */
    public bool $numbersPlainly = false;
    /** The last line with rounded values, as it was written. */
    public ?Node $rounded = null;
    /** @var list<MarkedLine> those judged so far */
    public array $marked = [];

    public function __construct(
        Catalogue $catalogue,
        public readonly Task $task,
        public readonly Family $family,
        public readonly Effort $effort,
    ) {
        $this->proof = new Proof($effort, $task->problem->rootIndex());
        $subject = $task->problem->subject ?? LetteredQuadratic::ofProblem($task->problem)?->letter;
        $this->following = new Following($this->proof, $effort, $subject);
        $this->reader = new LineReader(
            Letters::of($task->problem->node),
            $task->problem->quotient()?->denominator,
        );
        $this->rows = $task->problem->node instanceof Expression
            ? DivisionRows::of($task->problem->quotient())
            : null;
        $this->numbers = NumberRows::of($task->problem);
        $this->place = new SlipPlace($this->proof);
        $this->worked = new Worked($catalogue, $task, $family, $effort);
        $this->trail = Trail::from($task->problem->node);
    }
}
