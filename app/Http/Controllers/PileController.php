<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Worksheet;
use App\Faces\Faces;
use App\Files\HandedIn;
use App\Files\NoText;
use App\Pile\MarkedSheet;
use App\Pile\Pile;
use App\Pile\PileReader;
use App\Values\Given;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Message;
use Runel\Method\Catalogue;
use Runel\Style\HouseStyle;

/** One learner's page or a pile, marked. Nothing is kept: what comes in goes out again with its answer. */
final readonly class PileController
{
    public function __construct(private Catalogue $catalogue, private Faces $faces, private HouseStyle $style) {}

    public function show(Request $request): Response
    {
        $sample = $request->query('sample') !== null;

        return $this->page(
            $sample ? (string) file_get_contents(resource_path('samples/pile.md')) : self::blank(
                Given::of($request->query())->texts('problems'),
            ),
            '',
            null,
            null,
        );
    }

    /**
     * A page to be filled in for each problem of a sheet.
     *
     * @param list<string> $problems
     */
    private static function blank(array $problems): string
    {
        return implode("\n\n", array_map(
            static fn(string $problem): string => 'Problem: ' . (string) preg_replace('/\s+/u', ' ', $problem),
            \array_slice($problems, 0, Worksheet::MOST),
        ));
    }

    public function mark(Request $request): Response
    {
        $text = $request->input('text');
        $common = $request->input('common');
        $common = \is_string($common) ? mb_substr(mb_scrub($common), 0, 400) : '';
        try {
            $handedIn = HandedIn::of($request);
            $pieces = PileReader::pieces($handedIn, $common);
            if ($pieces === []) {
                throw new NoText(Message::of('pile.empty'));
            }
        } catch (NoText $refused) {
            return $this->page(\is_string($text) ? mb_scrub($text) : '', $common, null, $refused->reason, 422);
        }
        $pile = Pile::asked($request, $pieces, $this->style, $this->catalogue);
        $format = $request->input('format');
        if ($format === 'print') {
            return response()->view('marking-pile.print', ['pile' => $pile]);
        }
        if (\is_string($format) && isset(MarkedSheet::FORMATS[$format])) {
            return response((new MarkedSheet($pile, $this->faces->text($this->style)))->write($format), 200, [
                'Content-Type' => MarkedSheet::FORMATS[$format] . '; charset=UTF-8',
                'Content-Disposition' => "attachment; filename=\"runel-marked.$format\"",
                'Cache-Control' => 'no-store',
            ]);
        }

        return $this->page($handedIn->text, $common, $pile, null);
    }

    private function page(string $text, string $common, ?Pile $pile, ?Message $refused, int $status = 200): Response
    {
        return response()->view('marking-pile.page', [
            'text' => $text,
            'common' => $common,
            'pile' => $pile,
            'refused' => $refused,
        ], $status, ['Cache-Control' => 'no-store']);
    }
}
