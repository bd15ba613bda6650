<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Address\Address;
use App\Demonstrations\Demonstrations;
use App\Faces\Faces;
use App\Faces\Format;
use App\Faces\Words;
use App\Sheet\MethodCard;
use App\Sheet\Sheet;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Demonstration\Demonstration;
use Runel\Message\Refusal;

/** A whole demonstration on paper or as a file in an open format. */
final readonly class TakeAwayController
{
    public function __construct(private Demonstrations $demonstrations, private Words $words) {}

    /** @throws Refusal when there is nothing to show */
    public function sheet(Address $address, Request $request): View
    {
        $demonstration = $this->demonstration($address);
        $fade = $request->query('fade');

        return view('sheet.page', [
            'demonstration' => $demonstration,
            'address' => $address,
            'sheet' => Sheet::of($demonstration, \is_string($fade) ? $fade : ''),
            'card' => $request->query('card') === '1' ? MethodCard::of($demonstration, $this->words->has(...)) : null,
        ]);
    }

    /** @throws Refusal when there is nothing to show */
    public function file(Address $address, Faces $faces, string $extension): Response
    {
        $demonstration = $this->demonstration($address);
        $format = Format::ofExtension($extension) ?? abort(404);

        return response($faces->face($format)->write($demonstration), 200, [
            'Content-Type' => $format->mediaType() . '; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"runel-{$demonstration->method}.$extension\"",
        ]);
    }

    /** @throws Refusal */
    private function demonstration(Address $address): Demonstration
    {
        return $this->demonstrations->of($address->task(), $address->reference->job, $address->reference->method);
    }
}
