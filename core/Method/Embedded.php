<?php

declare(strict_types=1);

namespace Runel\Method;

use Runel\Demonstration\Branch;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Line;
use Runel\Demonstration\Link;
use Runel\Demonstration\Phase;
use Runel\Demonstration\Role;
use Runel\Demonstration\Section;
use Runel\Demonstration\Step;
use Runel\Expression\Equation;
use Runel\Expression\Expression;
use Runel\Expression\Node;
use Runel\Message\Message;

/** One demonstration's sections as a part of another's: beside its chain of lines, or on a branch of it. */
final class Embedded
{
    /**
     * Work on an expression beside the chain: each line says that it equals the one before.
     *
     * @param list<Section> $sections
     *
     * @return list<Section> without what only reads the problem
     */
    public static function beside(array $sections, string $prefix, Expression $part): array
    {
        $before = null;

        return self::each($sections, $prefix, $part, static function (Line $line) use (&$before): ?Line {
            if ($line->link === Link::Side || !$line->node instanceof Expression) {
                return $line->link === Link::Side ? $line : null;
            }
            // What is written once more at the end says nothing new beside the chain.
            $side = $before === null || $before->equals($line->node) ? null : Line::side($before, $line->node);
            $before = $line->node;

            return $side;
        });
    }

    /**
     * Work on an equation that is one way of a fork.
     *
     * @param list<Section> $sections
     * @param Branch|null   $branch   null where there is no fork
     * @param Message|null  $dead     why nothing solves it, where nothing does: its last line is rejected
     *
     * @return list<Section>
     */
    public static function onBranch(
        array $sections,
        string $prefix,
        Equation $part,
        ?Branch $branch,
        ?Message $dead,
    ): array {
        $placed = self::each($sections, $prefix, $part, static fn(Line $line): ?Line => match (true) {
            $line->link === Link::Given => null,
            $line->link === Link::Side => $line,
            default => $line->onTheWay()->under($branch),
        });

        return $dead === null ? $placed : self::rejected($placed, $dead);
    }

    /**
     * @param list<Section> $sections
     *
     * @return list<Section>
     */
    private static function rejected(array $sections, Message $reason): array
    {
        for ($number = \count($sections) - 1; $number >= 0; --$number) {
            $steps = $sections[$number]->steps;
            for ($place = \count($steps) - 1; $place >= 0; --$place) {
                $lines = $steps[$place]->lines;
                $end = array_key_last(array_filter($lines, static fn(Line $line): bool => $line->link !== Link::Side));
                if ($end !== null) {
                    $lines[$end] = $lines[$end]->reject($reason);
                    $steps[$place] = $steps[$place]->withLines(array_values($lines));
                    $sections[$number] = $sections[$number]->withSteps(array_values($steps));

                    return array_values($sections);
                }
            }
        }

        return $sections;
    }

    /**
     * @param list<Section>         $sections
     * @param Node                  $part     what they are about
     * @param \Closure(Line): ?Line $turn
     *
     * @return list<Section> those in which something is left
     */
    private static function each(array $sections, string $prefix, Node $part, \Closure $turn): array
    {
        $turned = [];
        foreach ($sections as $section) {
            $steps = [];
            foreach ($section->steps as $step) {
                $lines = array_values(array_filter(
                    array_map($turn, $step->lines),
                    static fn(?Line $line): bool => $line !== null,
                ));
                // What only reads the part, or gathers its solutions, is said by the whole.
                $isOwn = \in_array($step->role, [Role::Gathering, Role::Guessing], true);
                if (!$isOwn && ($step->role !== Role::Reading || $lines !== [])) {
                    // The parabola of a part is not the picture of the whole.
                    $steps[] = ($step->figure instanceof CurveFigure ? $step->withFigure(null) : $step)
                        ->named($prefix . $step->id)
                        ->withLines($lines);
                }
            }
            if ($steps !== []) {
                $phase = $section->phase === Phase::Reading ? Phase::SettingUp : $section->phase;
                $hasLine = array_filter(
                    Section::steps([new Section($phase, $steps)]),
                    static fn(Step $step): bool => array_filter(
                        $step->lines,
                        static fn(Line $line): bool => $line->link !== Link::Side,
                    ) !== [],
                ) !== [];
                $turned[] = new Section($phase, $steps, $section->round, $section->outcome ?? ($hasLine
                    ? null
                    : Message::of('outcome.part', ['part' => $part])));
            }
        }

        return $turned;
    }
}
