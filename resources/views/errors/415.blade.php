<x-error message="{{ __('ui.error.415') }}" />
