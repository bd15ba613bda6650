<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Board\Board;
use App\Board\WhyNot;
use App\Demonstrations\Demonstrations;
use App\Http\Part;
use App\Page\PageFace;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;
use Runel\Method\Catalogue;
use Runel\Style\Calculator;
use Runel\Why\ButWhy;
use Runel\Why\KeyedNumbers;

/** A demonstration at one of its stops; a pure function of the address. */
final readonly class BoardController
{
    public function __construct(private Demonstrations $demonstrations, private Catalogue $catalogue) {}

    /** @throws Refusal when there is nothing to show */
    public function show(Request $request, Address $address): Response
    {
        return response()->view(Part::isAsked($request) ? 'board.board' : 'board.page', [
            'board' => $this->board($address),
        ]);
    }

    /** One layer deeper than the reason of the stop that is shown. */
    public function why(Request $request, Address $address): Response
    {
        $board = $this->board($address);
        $why = $board->isChecking() ? null : ButWhy::of($board->demonstration, $board->shown - 1);

        $asked = $request->query('not');
        $not = \is_string($asked) ? WhyNot::of($board, $asked, $this->catalogue) : null;
        $part = \is_string($asked) ? 'board.why-not' : 'board.why';

        return response()->view(Part::isAsked($request) ? $part : 'board.why-page', [
            'board' => $board,
            'why' => $why,
            'not' => $not,
            'asked' => \is_string($asked) ? $asked : null,
        ]);
    }

    /** Which keys work out the numbers of a stop. */
    public function calculator(Request $request, Address $address): Response
    {
        $board = $this->board($address);
        $content = $board->stop()?->content;
        $kind = $board->demonstration->task->style->get(Calculator::class);

        return response()->view(Part::isAsked($request) ? 'board.keypad' : 'board.keypad-page', [
            'board' => $board,
            'kind' => $kind,
            'keyed' => $content === null ? [] : KeyedNumbers::of($content, $kind),
        ]);
    }

    /** The figure of a stop as a file of its own. */
    public function figure(Address $address, PageFace $page): Response
    {
        try {
            $figure = $this->board($address)->figure();
        } catch (Refusal) {
            $figure = null;
        }

        return response($page->figure($figure ?? abort(404)), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => 'inline; filename="runel-figure.svg"',
        ]);
    }

    /** @throws Refusal */
    private function board(Address $address): Board
    {
        return Board::at(
            $this->demonstrations->of($address->task(), $address->reference->job, $address->reference->method),
            $address,
        );
    }
}
