<?php

declare(strict_types=1);

namespace App\Figures;

use Runel\Demonstration\Figure\BridgeFigure;
use Runel\Demonstration\Figure\BridgeStage;
use Runel\Expression\Sum;
use Runel\Message\Message;

/** A long division with what repeats struck out; beside it the tableaus, whose numbers come from where they stood. */
final readonly class BridgeDrawing implements Drawing
{
    private const GAP = 40;

    /** @param bool $stacked the tableaus under the division instead of beside it */
    public function __construct(private BridgeFigure $bridge, private bool $stacked) {}

    public function label(): Message
    {
        return Message::of('figure.bridge', ['divisor' => Sum::of(array_values($this->bridge->division->divisor))]);
    }

    public function draw(Pen $pen): array
    {
        $division = new LongDivisionDrawing($this->bridge->division, $this->bridge->stage);
        [$width, $height] = $division->draw($pen);
        $places = $division->places();
        $x = $this->stacked ? 0.0 : $width + self::GAP;
        $y = $this->stacked ? $height + 12 : 0.0;
        [$right, $bottom] = [$width, $height];
        foreach ([
            [BridgeStage::Pressed, $this->bridge->subtracting],
            [BridgeStage::Turned, $this->bridge->adding],
        ] as [$stage, $tableau]) {
            if (!$this->bridge->stage->hasReached($stage)) {
                break;
            }
            $standing = self::shifted((new TableauDrawing($tableau))->places($pen), $x, $y);
            $isNew = $stage === $this->bridge->stage;
            $ways = $isNew ? self::ways($places, $standing) : [];
            $lit = $isNew && $stage === BridgeStage::Turned ? ['corner', 'product'] : [];
            [$across, $down] = $pen->shifted(
                $x,
                $y,
                static fn(): array => (new TableauDrawing($tableau, $ways, $lit))->draw($pen),
            );
            $places = $standing;
            $y += $down + 12;
            $right = max($right, $x + $across);
            $bottom = max($bottom, $y);
        }

        return [$right, $bottom];
    }

    /**
     * @param array<string, array{float, float}> $places
     *
     * @return array<string, array{float, float}>
     */
    private static function shifted(array $places, float $right, float $down): array
    {
        return array_map(static fn(array $place): array => [$place[0] + $right, $place[1] + $down], $places);
    }

    /**
     * @param array<string, array{float, float}> $from
     * @param array<string, array{float, float}> $to
     *
     * @return array<string, array{float, float}> how far from its place each number starts that is in both
     */
    private static function ways(array $from, array $to): array
    {
        $ways = [];
        foreach (array_intersect_key($from, $to) as $name => $place) {
            $ways[$name] = [$place[0] - $to[$name][0], $place[1] - $to[$name][1]];
        }

        return $ways;
    }
}
