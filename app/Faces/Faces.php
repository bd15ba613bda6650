<?php

declare(strict_types=1);

namespace App\Faces;

use Illuminate\Contracts\Translation\Translator;
use Runel\Expression\Node;
use Runel\Notation\Arranger;
use Runel\Notation\Latex;
use Runel\Notation\MathMl;
use Runel\Notation\PlainText;
use Runel\Notation\Speech;
use Runel\Notation\TimesSign;
use Runel\Notation\Writer;
use Runel\Style\HouseStyle;
use Runel\Style\Words;

/** The notations and wordings of one house style, ready to use. */
final class Faces
{
    /** The language that has every word; others overlay it. */
    private const FIRST = 'en';

    /** @var array<string, Wording> plain sentences, by what decides how they are written: a batch asks often */
    private array $texts = [];
    /** @var array<string, Arranger> by the times sign: a line is shown, spoken and copied, and arranged once */
    private array $arrangers = [];

    public function __construct(private readonly Translator $translator, private readonly MissingWords $missing) {}

    /** The language file set of a house style's words. */
    public static function locale(HouseStyle $style): string
    {
        return $style->get(Words::class) === Words::UK ? 'en_GB' : self::FIRST;
    }

    /** The one place where a format has its face. */
    public function face(Format $format): Face
    {
        return match ($format) {
            Format::Text => TextFace::plain($this),
            Format::Speech => TextFace::spoken($this),
            Format::Json => new JsonFace($this),
            Format::Latex => new LatexFace($this),
            Format::Markdown => new MarkdownFace($this),
        };
    }

    /** Sentences for a page: mathematics as MathML that a screen reader hears in words. */
    public function html(HouseStyle $style): Wording
    {
        $mathematics = $this->mathematics($style);

        return $this->wording(
            $style,
            $mathematics->html(...),
            static fn(string $text): string => htmlspecialchars($text, \ENT_QUOTES),
        );
    }

    public function text(HouseStyle $style): Wording
    {
        return $this->texts[self::locale($style) . ' ' . $style->get(TimesSign::class)->value]
            ??= $this->plain($style);
    }

    private function plain(HouseStyle $style): Wording
    {
        $arranger = $this->arranger($style);
        $writer = new PlainText();
        /** @var \WeakMap<Node, string> $written the same term stands in a title, its reason and its question */
        $written = new \WeakMap();

        return $this->wording($style, static fn(Node $node): string => $written[$node] ??= $writer->write(
            $arranger->arrange($node),
        ), static fn(string $text): string => $text);
    }

    public function latex(HouseStyle $style): Wording
    {
        $arranger = $this->arranger($style);
        $writer = new Latex();

        return $this->wording($style, static fn(Node $node): string => '$' . $writer->write(
            $arranger->arrange($node),
        ) . '$', LatexText::escape(...));
    }

    /** Sentences of Markdown, mathematics between dollar signs. */
    public function markdown(HouseStyle $style): Wording
    {
        $arranger = $this->arranger($style);
        $writer = new Latex();

        return $this->wording(
            $style,
            static fn(Node $node): string => '$' . $writer->write($arranger->arrange($node)) . '$',
            static fn(string $text): string => addcslashes($text, '\\`*_{}[]<>#|$'),
        );
    }

    public function speech(HouseStyle $style): Wording
    {
        $arranger = $this->arranger($style);
        $writer = $this->speaker($style);

        return $this->wording($style, static fn(Node $node): string => $writer->write(
            $arranger->arrange($node),
        ), static fn(string $text): string => $text);
    }

    public function arranger(HouseStyle $style): Arranger
    {
        $times = $style->get(TimesSign::class);

        return $this->arrangers[$times->value] ??= new Arranger($times);
    }

    public function mathematics(HouseStyle $style): Mathematics
    {
        return new Mathematics($this->arranger($style), new MathMl(), $this->speaker($style));
    }

    private function speaker(HouseStyle $style): Writer
    {
        $words = [];
        // A whole file of another dialect holds only what differs: it is laid over the first one.
        foreach ([self::FIRST, self::locale($style)] as $locale) {
            $own = $this->translator->get('speech', [], $locale);
            foreach (\is_array($own) ? $own : [] as $key => $word) {
                if (\is_string($word)) {
                    $words[(string) $key] = $word;
                }
            }
        }

        return new Speech($words);
    }

    /**
     * @param \Closure(Node): string   $mathematics
     * @param \Closure(string): string $escape
     */
    private function wording(HouseStyle $style, \Closure $mathematics, \Closure $escape): Wording
    {
        return new Wording($this->translator, self::locale($style), $mathematics, $escape, $this->missing);
    }
}
