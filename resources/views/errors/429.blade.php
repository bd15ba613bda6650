<x-error message="{{ __('ui.error.429') }}">
    <x-typed-back :typed="\App\Http\Troubled::typed(request())" :again="request()->getRequestUri()" />
</x-error>
