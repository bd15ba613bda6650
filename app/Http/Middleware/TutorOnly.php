<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Passphrase;
use App\Address\Hidden;
use App\Http\Part;
use Closure;
use Illuminate\Contracts\Auth\Factory;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HtmlResponse;
use Symfony\Component\HttpFoundation\Response;

/** Lets the tutor through; everybody else is shown where the passphrase is given, or set for the first time. */
final readonly class TutorOnly
{
    public function __construct(private Factory $auth, private Passphrase $passphrase) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next, string $when = 'always'): Response
    {
        try {
            $isOpen = $when === 'once-set' && !$this->passphrase->isSet();
        } catch (QueryException) {
            // Whether there is a tutor cannot be told: nothing is written, and what was typed comes back.
            $typed = $request->input('problem');
            $back = route('bench', \is_string($typed) ? ['problem' => $typed] : [], false);

            return redirect($back)->with('notice', __('ui.shelf-not-written'));
        }
        if ($isOpen || $this->auth->guard()->check()) {
            $response = $next($request);
            // What is only the tutor's must not wait in a cache for the next one at this screen.
            $response->headers->set('Cache-Control', 'no-store, private');

            return $response;
        }
        if ($request->routeIs('learners.pile')) {
            // Nothing of the pile is kept here; it goes along until there is somebody to say whose it is.
            return new HtmlResponse(view('learners.wait', ['sent' => Hidden::fields([
                'text' => $request->input('text'),
                'common' => $request->input('common'),
                'mark' => $request->input('mark'),
                'remark' => $request->input('remark'),
                'rule' => $request->input('rule'),
                'from' => $request->input('from'),
            ])])->render(), Response::HTTP_UNAUTHORIZED, ['Cache-Control' => 'no-store, private']);
        }
        $door = route('tutor', [], false);
        if ($request->routeIs('plays.line', 'today')) {
            // A board that was shared out of a lesson stays a board: what is the tutor's is left out of it.
            return new HtmlResponse('', Response::HTTP_NO_CONTENT);
        }
        if (Part::isAsked($request)) {
            return new HtmlResponse('', Response::HTTP_UNAUTHORIZED, ['HX-Redirect' => $door]);
        }
        if ($request->isMethod('GET')) {
            $request->session()->put('url.intended', $request->getRequestUri());
        }

        return redirect($door)->with('notice', __('door.wanted'));
    }
}
