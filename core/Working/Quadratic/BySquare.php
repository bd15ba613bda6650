<?php

declare(strict_types=1);

namespace Runel\Working\Quadratic;

use Runel\Algebra\LetteredQuadratic;
use Runel\Algebra\Quadratic;
use Runel\Demonstration\Demonstration;
use Runel\Demonstration\Task;
use Runel\Expression\Equation;
use Runel\Message\Message;
use Runel\Message\MethodDoesNotApply;
use Runel\Message\Refusal;
use Runel\Message\TooLarge;
use Runel\Method\Method;
use Runel\Number\Rational;
use Runel\Working\Known;

/** A quadratic equation by completing the square; the same work is reached from solving and from completing. */
final class BySquare
{
    public static function refusal(Task $task): ?Refusal
    {
        $quadratic = Known::quadratic($task);

        return match (true) {
            self::lettered($task) !== null => null,
            $quadratic === null => new MethodDoesNotApply(Message::of('quadratic.refusal')),
            $quadratic->standingSquare() !== null => new MethodDoesNotApply(Message::of('quadratic.refusal-square')),
            $quadratic->b->isZero() => new MethodDoesNotApply(Message::of('quadratic.refusal-no-middle')),
            !Rooting::fits((new CompletedSquare($task, $quadratic))->value()) => new TooLarge(
                Message::of('quadratic.too-large'),
            ),
            default => null,
        };
    }

    private static function lettered(Task $task): ?LetteredQuadratic
    {
        return $task->problem->node instanceof Equation ? Known::lettered($task) : null;
    }

    public static function demonstrate(Task $task, Method $method): Demonstration
    {
        $lettered = self::lettered($task);
        if ($lettered !== null) {
            [$sections, $results, $hasRoot] = (new LetteredSquare($task, $lettered))->work();

            return LetteredDemonstration::of($task, $lettered, $method, $sections, $results, $hasRoot, Message::of(
                'quadratic.letters.advice-square',
            ));
        }
        $quadratic = Known::quadratic($task) ?? throw new \LogicException('No quadratic was not refused.');
        [$sections, $answer, $roots] = (new CompletedSquare($task, $quadratic))->work();

        return QuadraticDemonstration::of(
            $task,
            $quadratic,
            $method,
            $sections,
            $answer,
            $roots,
            Message::of($quadratic->b->dividedBy(Rational::of(2)->times($quadratic->a))->isInteger()
                ? 'quadratic.advice.square-even'
                : 'quadratic.advice.square'),
        );
    }
}
