<?php

declare(strict_types=1);

namespace App\Http;

use App\Address\Address;
use App\Contract\Requested;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Runel\Message\BadRequest;
use Runel\Message\Message;
use Runel\Message\Refusal;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** How a refusal is answered, wherever it comes from: the reason stands on the bench, or in the contract's error. */
final readonly class Refused
{
    public function __construct(private BenchResponse $bench, private Requested $requested) {}

    public function response(Refusal $refusal, Request $request): Response
    {
        if ($request->is('api/*')) {
            return $this->json($refusal, Response::HTTP_UNPROCESSABLE_ENTITY);
        }
        if (Part::isAsked($request)) {
            // A part of a page cannot hold the bench: the whole page is asked for instead.
            return new HtmlResponse('', Response::HTTP_UNPROCESSABLE_ENTITY, [
                'HX-Redirect' => $request->getRequestUri(),
            ]);
        }

        return $this->bench->show(app(Address::class), $refusal);
    }

    /** A wrong address or method of the web API, in the contract's form. */
    public function status(HttpExceptionInterface $fault): JsonResponse
    {
        $isKnown = \in_array($fault->getStatusCode(), [400, 403, 404, 405, 415, 419, 429], true);
        $key = $isKnown ? $fault->getStatusCode() : 500;

        return $this->json(new BadRequest(Message::of("ui.error.$key")), $fault->getStatusCode());
    }

    private function json(Refusal $refusal, int $status): JsonResponse
    {
        return new JsonResponse(
            $this->requested->error($refusal),
            $status,
            [],
            \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
        );
    }
}
