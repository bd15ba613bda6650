<?php

declare(strict_types=1);

namespace App\Page;

use App\Faces\Faces;
use App\Faces\Mathematics;
use App\Faces\Wording;
use App\Figures\Figures;
use Runel\Demonstration\Figure\ArrangementHuntFigure;
use Runel\Demonstration\Figure\BridgeFigure;
use Runel\Demonstration\Figure\CalculatorFigure;
use Runel\Demonstration\Figure\CrossingGridFigure;
use Runel\Demonstration\Figure\CurveFigure;
use Runel\Demonstration\Figure\Figure;
use Runel\Demonstration\Figure\PairHuntFigure;
use Runel\Demonstration\Figure\SidesCurveFigure;
use Runel\Demonstration\Figure\SquareTilesFigure;
use Runel\Demonstration\Line;
use Runel\Expression\Equation;
use Runel\Expression\Letter;
use Runel\Expression\Node;
use Runel\Expression\Numeral;
use Runel\Judging\Values;
use Runel\Marking\Difference;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Runel\Notation\Ascii;
use Runel\Notation\Latex;
use Runel\Notation\PlainText;
use Runel\Parsing\Parser;
use Runel\Problem\Problem;
use Runel\Style\HouseStyle;

/** Writes the parts of a page in one house style: words, mathematics, figures. Everything it gives is safe HTML. */
final class PageFace
{
    /** Lines with more characters, as machines write them, may break at their sign of equality; in a room sooner. */
    private const BREAKS = 56;
    private const BREAKS_PRESENTED = 16;
    /** With more they are set smaller, and smaller still. */
    private const LONG = 64;
    private const VERY_LONG = 110;

    private ?Wording $wording = null;
    private ?Wording $plainWording = null;
    private ?Mathematics $mathematics = null;

    public function __construct(
        private readonly Faces $faces,
        private readonly Figures $figures,
        public readonly HouseStyle $style,
    ) {}

    /** The same in another house style. */
    public function in(HouseStyle $style): self
    {
        return new self($this->faces, $this->figures, $style);
    }

    public function say(Message $message): string
    {
        return ($this->wording ??= $this->faces->html($this->style))->say($message);
    }

    /** Where two lines tell themselves apart, in words. */
    public function differs(Difference $difference): Message
    {
        $at = [];
        foreach ($difference->at as $letter => $value) {
            $at[] = new Equation(new Letter($letter), Numeral::of($value));
        }

        return Message::of(\count($at) === 1 ? 'marking.differs' : 'marking.differs-letters', [
            'at' => $at[0] ?? $difference->before,
            'before' => $difference->before,
            'after' => $difference->after,
        ]);
    }

    /** What begins a paragraph: with a full stop, unless it asks. */
    public function heading(Message $message): string
    {
        $said = $this->say($message);

        return str_ends_with($said, '?') ? $said : "$said.";
    }

    /** The words behind a key, without mathematics. */
    public function word(string $key): string
    {
        return $this->say(Message::of($key));
    }

    /** The same without any markup, for an attribute that the view escapes. */
    public function plain(Message $message): string
    {
        return ($this->plainWording ??= $this->faces->text($this->style))->say($message);
    }

    public function jobName(string $job): string
    {
        return $this->word('name.job.' . $job);
    }

    public function methodName(string $job, string $method): string
    {
        return $this->word('name.method.' . $job . '.' . $method);
    }

    public function maths(Node $node): string
    {
        return $this->mathematics()->html($node);
    }

    /** A problem as it is meant, as far as it can be read; else as it was typed. */
    public function problem(string $typed): string
    {
        try {
            return $this->maths(Problem::read($typed)->node);
        } catch (Refusal) {
            return '<code>' . htmlspecialchars($typed, \ENT_QUOTES) . '</code>';
        }
    }

    /** An answer as somebody typed it, one value or several, as far as it can be read; else as it was typed. */
    public function typed(string $answer): string
    {
        try {
            return implode(', ', array_map(
                fn(string $part): string => $this->maths(Parser::parse($part)->node),
                Values::apart($answer),
            ));
        } catch (Refusal) {
            return '<code>' . htmlspecialchars($answer, \ENT_QUOTES) . '</code>';
        }
    }

    /** Mathematics that may run over several lines. */
    public function running(Node $node): string
    {
        return $this->mathematics()->running($node);
    }

    /** @param bool $stacked its parts under one another, for a narrow screen */
    public function figure(Figure $figure, bool $stacked = false): string
    {
        return $this->figures->svg($figure, $this->style, $stacked);
    }

    /** Whether a figure is small enough that the lines stand beside it. */
    public function isCompact(Figure $figure): bool
    {
        return $figure instanceof CurveFigure
            || $figure instanceof SidesCurveFigure
            || $figure instanceof SquareTilesFigure
            || $figure instanceof CalculatorFigure;
    }

    /** Whether a figure has parts side by side that a narrow screen needs under one another. */
    public function stacks(Figure $figure): bool
    {
        return ($figure instanceof ArrangementHuntFigure && $figure->kind === 'cross')
            || ($figure instanceof PairHuntFigure && $figure->crossing !== null)
            || $figure instanceof CrossingGridFigure
            || $figure instanceof BridgeFigure;
    }

    /** To be pasted into a LaTeX document. */
    public function latex(Node $node): string
    {
        return trim((new Latex())->write($this->faces->arranger($this->style)->arrange($node)));
    }

    /** To be pasted anywhere. */
    public function text(Node $node): string
    {
        return (new PlainText())->write($this->faces->arranger($this->style)->arrange($node));
    }

    /** How long a piece of mathematics is, in signs. */
    public function length(Node $node): int
    {
        return \strlen(Ascii::write($node));
    }

    /**
     * A line of work, with what is copied of it. It stands on a board often, so no component is made of it.
     *
     * @param bool        $now       whether it is the newest one
     * @param bool        $presented before a room, where letters are large, even a short line may have to break
     * @param string|null $thing     by which name the pen finds it again
     */
    public function line(
        Line $line,
        bool $now = false,
        ?string $id = null,
        bool $presented = false,
        ?string $thing = null,
    ): string {
        $length = $this->length($line->node);
        $classes = implode(' ', array_keys(array_filter([
            'line' => true,
            "link-{$line->link->value}" => $line->rejected === null,
            'is-rejected' => $line->rejected !== null,
            'branch-' . ($line->branch?->path[0] ?? '') => $line->branch !== null,
            'is-now' => $now,
            'is-long' => $length > self::LONG,
            'is-very-long' => $length > self::VERY_LONG,
        ])));
        $attributes = '';
        foreach (['id' => $id, 'data-thing' => $thing, 'class' => $classes, 'data-latex' => $this->latex($line->node),
            'data-text' => $this->text($line->node)] as $name => $value) {
            $attributes .= $value === null ? '' : " $name=\"" . htmlspecialchars($value, \ENT_QUOTES) . '"';
        }
        $breaks = $length > ($presented ? self::BREAKS_PRESENTED : self::BREAKS);
        $why = $line->rejected === null
            ? ''
            : " <span class=\"rejected-why\">✗ {$this->say($line->rejected)}</span>";

        return "<p$attributes>" . ($breaks ? $this->running($line->node) : $this->maths($line->node)) . "$why</p>";
    }

    private function mathematics(): Mathematics
    {
        return $this->mathematics ??= $this->faces->mathematics($this->style);
    }
}
