<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Bench\Reading;
use App\Demonstrations\Demonstrations;
use App\Files\HandedIn;
use App\Files\NoText;
use App\Http\Away;
use App\Http\BenchResponse;
use App\Page\PageFace;
use App\Values\Given;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Expression\Limits;
use Runel\Sentence\SheetLines;

/** The start: a problem is typed, read while it is typed, and a way to demonstrate it is chosen. */
final readonly class BenchController
{
    public function __construct(private PageFace $page) {}

    /** Only what Runel makes of the problem so far, for the page that is open already. */
    public function reading(Address $address, Demonstrations $demonstrations): View
    {
        return view('bench.reading', ['reading' => Reading::of($address, $demonstrations)]);
    }

    /** A sheet of problems as a file: text, Markdown or LaTeX. Nothing is kept of it. */
    public function sheet(Request $request, Address $address, BenchResponse $bench): Response|RedirectResponse
    {
        try {
            $lines = SheetLines::of(HandedIn::of($request)->text);
        } catch (NoText $refused) {
            return Away::to('bench')->with('sheet-refused', $this->page->plain($refused->reason));
        }

        return $lines === []
            ? Away::to('bench')->with('sheet-refused', __('error.no-mathematics'))
            : $bench->show($address->about(implode("\n", $lines)));
    }

    /** A sheet with one line of it mended. */
    public function mended(Request $request, Address $address): RedirectResponse
    {
        $given = Given::of($request->query());
        $lines = SheetLines::of($address->problem());
        $line = $given->number('line');
        if ($line !== null && isset($lines[$line])) {
            $lines[$line] = $given->text('mended', Limits::LENGTH);
        }

        return redirect($address->about(implode("\n", $lines))->to('bench', ['step' => null]));
    }

    public function show(Address $address, BenchResponse $bench): Response
    {
        return $bench->show($address);
    }
}
