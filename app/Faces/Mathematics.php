<?php

declare(strict_types=1);

namespace App\Faces;

use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\Box\Box;
use Runel\Notation\MathMl;
use Runel\Notation\Writer;

/** Mathematics for a page: MathML to look at, words to listen to. */
final readonly class Mathematics
{
    public function __construct(public Arranger $arranger, private MathMl $mathMl, private Writer $speaker) {}

    /** Inline mathematics. */
    public function html(Node $node): string
    {
        $box = $this->arranger->arrange($node);

        return $this->spoken($box, '<math aria-hidden="true">' . $this->mathMl->write($box) . '</math>');
    }

    /** Mathematics that may run over several lines, for what is too long for one. */
    public function running(Node $node): string
    {
        $box = $this->arranger->arrange($node);

        return $this->spoken($box, '<math aria-hidden="true">' . implode(
            '</math><wbr><math aria-hidden="true">',
            $this->mathMl->pieces($box),
        ) . '</math>');
    }

    private function spoken(Box $box, string $written): string
    {
        return '<span class="maths" role="math" aria-label="' . htmlspecialchars(
            $this->speaker->write($box),
            \ENT_QUOTES,
        ) . "\">$written</span>";
    }

    /** MathML that stands alone, to be copied. */
    public function copy(Node $node): string
    {
        return '<math xmlns="http://www.w3.org/1998/Math/MathML">' . $this->mathMl->write(
            $this->arranger->arrange($node),
        ) . '</math>';
    }

    public function speak(Node $node): string
    {
        return $this->speaker->write($this->arranger->arrange($node));
    }
}
