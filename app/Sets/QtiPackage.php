<?php

declare(strict_types=1);

namespace App\Sets;

use App\Faces\AnswerWords;
use App\Faces\Faces;
use Runel\Demonstration\Demonstration;
use Runel\Message\Message;
use Runel\Notation\Arranger;
use Runel\Notation\Ascii;
use Runel\Notation\MathMl;
use Runel\Notation\PlainText;
use Runel\Notation\TimesSign;
use Runel\Style\HouseStyle;

/**
 * A set as a package of questions by the open standard QTI 2.2: a manifest and an item a problem, the answer judged as
 * a text, in each of the forms people write it in.
 */
final readonly class QtiPackage
{
    private const ITEM = 'http://www.imsglobal.org/xsd/imsqti_v2p2';
    private const MANIFEST = 'http://www.imsglobal.org/xsd/imscp_v1p1';
    private const MATHS = 'http://www.w3.org/1998/Math/MathML';

    public function __construct(private Faces $faces) {}

    /**
     * The package's files.
     *
     * @param list<SetItem> $items
     *
     * @return array<string, string> by name
     */
    public function files(array $items, HouseStyle $style): array
    {
        $files = [];
        $resources = '';
        foreach ($items as $number => $item) {
            if ($item->demonstration === null) {
                continue;
            }
            $name = 'problem-' . ($number + 1);
            $files["$name.xml"] = $this->item($name, $item->demonstration, $style);
            $resources .= "    <resource identifier=\"$name\" type=\"imsqti_item_xmlv2p2\" href=\"$name.xml\">"
                . "<file href=\"$name.xml\"/></resource>\n";
        }

        return ['imsmanifest.xml' => '<?xml version="1.0" encoding="UTF-8"?>' . "\n"
            . '<manifest xmlns="' . self::MANIFEST . '" identifier="runel-set">' . "\n"
            . "  <metadata><schema>QTIv2.2 Package</schema><schemaversion>1.0.0</schemaversion></metadata>\n"
            . "  <organizations/>\n  <resources>\n$resources  </resources>\n</manifest>\n"] + $files;
    }

    /** @param list<SetItem> $items */
    public function zip(array $items, HouseStyle $style): string
    {
        $path = tempnam(sys_get_temp_dir(), 'runel');
        if ($path === false) {
            throw new \RuntimeException('no room for a package');
        }
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($this->files($items, $style) as $name => $text) {
            $zip->addFromString($name, $text);
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    private function item(string $name, Demonstration $demonstration, HouseStyle $style): string
    {
        $task = $this->faces->text($style)->say(Message::of("sets.task.{$demonstration->job}", [
            'letter' => $demonstration->task->problem->subject ?? '',
        ]));
        $maths = '<math xmlns="' . self::MATHS . '">' . self::bare((new MathMl())->write(
            (new Arranger($style->get(TimesSign::class)))->arrange($demonstration->task->problem->node),
        )) . '</math>';
        $forms = self::forms($demonstration, $style, $this->faces);
        $entries = implode('', array_map(static fn(string $form): string => '<mapEntry mapKey="' . self::escape($form)
            . '" mappedValue="1" caseSensitive="false"/>', $forms));

        return '<?xml version="1.0" encoding="UTF-8"?>' . "\n"
            . '<assessmentItem xmlns="' . self::ITEM . "\" identifier=\"$name\" title=\""
            . self::escape("$task " . $demonstration->task->problem->source)
            . '" adaptive="false" timeDependent="false">' . "\n"
            . '  <responseDeclaration identifier="RESPONSE" cardinality="single" baseType="string">'
            . '<correctResponse><value>' . self::escape($forms[0]) . '</value></correctResponse>'
            . "<mapping defaultValue=\"0\">$entries</mapping></responseDeclaration>\n"
            . '  <outcomeDeclaration identifier="SCORE" cardinality="single" baseType="float"/>' . "\n"
            . '  <itemBody><p>' . self::escape($task) . " $maths</p>"
            . '<p><textEntryInteraction responseIdentifier="RESPONSE" expectedLength="60"/></p></itemBody>' . "\n"
            . '  <responseProcessing '
            . 'template="http://www.imsglobal.org/question/qti_v2p2/rptemplates/map_response"/>' . "\n"
            . "</assessmentItem>\n";
    }

    /**
     * The answer as people type it: as the board writes it, without blanks, and in plain keys.
     *
     * @return non-empty-list<string>
     */
    private static function forms(Demonstration $demonstration, HouseStyle $style, Faces $faces): array
    {
        $shown = SetFile::plainAnswer($demonstration, $style, $faces);
        if (AnswerWords::of($demonstration->answer) !== null) {
            return [$shown];
        }
        $node = $demonstration->answer->node();
        $ascii = Ascii::write($node);
        $plain = (new PlainText())->write((new Arranger($style->get(TimesSign::class)))->arrange($node));
        $keys = strtr($plain, ['−' => '-', '²' => '^2', '³' => '^3', '·' => '*']);

        return array_values(array_unique([
            $shown,
            str_replace(' ', '', $shown),
            $keys,
            str_replace(' ', '', $keys),
            $ascii,
            Ascii::typed($node),
        ]));
    }

    /** Mathematics without the classes and names that are the page's own. */
    private static function bare(string $maths): string
    {
        return (string) preg_replace('/ (?:class|id|data-[a-z]+)="[^"]*"/', '', $maths);
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES);
    }
}
