<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\Board;
use App\Demonstrations\Demonstrations;
use App\Figures\Figures;
use App\Http\Address;
use App\Http\Middleware\HouseStyleFromRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Message\Refusal;

/** A demonstration at one of its stops; a pure function of the address. */
final readonly class BoardController
{
    public function __construct(private Demonstrations $demonstrations) {}

    /** What cannot be shown goes back to the bench, where the reason stands. */
    public function show(Request $request): Response|RedirectResponse
    {
        try {
            $board = $this->board($request);
        } catch (Refusal) {
            return redirect(Address::of($request, HouseStyleFromRequest::style($request))->to('/', ['step' => null]));
        }

        return response()->view($request->header('HX-Request') === null ? 'board.page' : 'board.board', ['board' => $board])->header('Vary', 'HX-Request');
    }

    /** The figure of a stop as a file of its own. */
    public function figure(Request $request, Figures $figures): Response
    {
        try {
            $board = $this->board($request);
        } catch (Refusal) {
            abort(404);
        }
        $figure = $board->figure() ?? abort(404);

        return response($figures->svg($figure, $board->address->style), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => 'inline; filename="runel-figure.svg"',
        ]);
    }

    /** @throws Refusal */
    private function board(Request $request): Board
    {
        $address = Address::of($request, HouseStyleFromRequest::style($request));

        return Board::at($this->demonstrations->of($address->task(), $address->job, $address->method), $address);
    }
}
