package grimygasket.server.documents;

import grimygasket.server.calls.CallStore;
import grimygasket.server.machines.MachineStore;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** All that is kept of a customer as one file. */
@RestController
class CustomerDocumentController {
    private final MachineStore machines;
    private final CallStore calls;
    private final CallDocuments documents;

    CustomerDocumentController(MachineStore machines, CallStore calls, CallDocuments documents) {
        this.machines = machines;
        this.calls = calls;
        this.documents = documents;
    }

    @GetMapping("/api/customers/{customerId}/customer.json")
    ResponseEntity<CustomerDocument> document(@PathVariable UUID customerId) {
        var document = new CustomerDocument(
                CustomerDocument.FORMAT,
                CustomerDocument.VERSION,
                machines.customer(customerId),
                calls.ofCustomer(customerId).stream().map(documents::of).toList());
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("customer-" + customerId + ".json")
                                .build()
                                .toString())
                .body(document);
    }
}
