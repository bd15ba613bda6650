<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Demonstrations\Demonstrations;
use App\Faces\Face;
use App\Faces\Faces;
use App\Faces\JsonFace;
use App\Faces\LatexFace;
use App\Faces\MarkdownFace;
use App\Faces\TextFace;
use App\Http\Address;
use App\Http\Middleware\HouseStyleFromRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Runel\Demonstration\Demonstration;
use Runel\Message\Refusal;

/** A whole demonstration on paper or as a file in an open format. */
final readonly class TakeAwayController
{
    private const TYPES = ['tex' => 'application/x-tex', 'md' => 'text/markdown', 'json' => 'application/json', 'txt' => 'text/plain'];

    public function __construct(private Demonstrations $demonstrations, private Faces $faces) {}

    public function sheet(Request $request): Response|RedirectResponse
    {
        $address = Address::of($request, HouseStyleFromRequest::style($request));
        try {
            return response()->view('sheet.page', ['demonstration' => $this->demonstration($address), 'address' => $address]);
        } catch (Refusal) {
            return redirect($address->to('/', ['step' => null]));
        }
    }

    public function file(Request $request, string $extension): Response|RedirectResponse
    {
        $address = Address::of($request, HouseStyleFromRequest::style($request));
        try {
            $demonstration = $this->demonstration($address);
        } catch (Refusal) {
            return redirect($address->to('/', ['step' => null]));
        }

        return response($this->face($extension)->write($demonstration), 200, [
            'Content-Type' => self::TYPES[$extension] . '; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"runel-{$demonstration->method}.$extension\"",
        ]);
    }

    private function face(string $extension): Face
    {
        return match ($extension) {
            'tex' => new LatexFace($this->faces),
            'md' => new MarkdownFace($this->faces),
            'json' => new JsonFace($this->faces),
            default => TextFace::plain($this->faces),
        };
    }

    /** @throws Refusal */
    private function demonstration(Address $address): Demonstration
    {
        return $this->demonstrations->of($address->task(), $address->job, $address->method);
    }
}
