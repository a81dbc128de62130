# Tests that need the interface; on the offscreen platform, and one in a real window.
nabblet_test(entry tst_entry_session)
nabblet_test(entry tst_entry_view)
nabblet_test(entry tst_same_pixels nabblet_designer)
nabblet_test(designer tst_board)

# Sample files against their schemas, by a validator that knows nothing of this program.
file(GLOB sample_forms CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/demo/*/forms/*.nabform)
file(GLOB sample_projects CONFIGURE_DEPENDS ${CMAKE_SOURCE_DIR}/demo/*/project.nabblet)
set(check_schema /usr/bin/python3 ${CMAKE_CURRENT_SOURCE_DIR}/support/check_schema.py)
add_test(NAME files/form_schema COMMAND ${check_schema} ${CMAKE_SOURCE_DIR}/docs/nabform.schema.json ${sample_forms})
add_test(NAME files/project_schema COMMAND ${check_schema} ${CMAKE_SOURCE_DIR}/docs/project.schema.json ${sample_projects})
